<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\KeyFile\ImportedKeyFile;
use App\Keymap\KeymapShelf;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Keymap\WriteTerms;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;

/** A person's keymaps: starting, switching, labelling, deleting and restoring them. */
final readonly class KeymapController
{
    public function __construct(
        private KitReader $kit,
        private KeymapStarter $starter,
        private KeymapShelf $shelf,
        private Library $library,
    ) {
    }

    /** All keymaps of the signed-in person, and which are in use. */
    public function index(#[CurrentUser] User $user): KeymapsResource
    {
        return new KeymapsResource($user->kit);
    }

    public function refused(#[CurrentUser] User $user, Seat $seat): RefusedKeymapsResource
    {
        return new RefusedKeymapsResource($this->kit->all($user), $seat);
    }

    /** The keymap that is in use for one application. */
    public function current(#[CurrentUser] User $user, Application $application, Seat $seat): KeymapResource
    {
        return new KeymapResource($this->kit->of($user, $application), $seat);
    }

    public function store(StartKeymapRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): JsonResponse
    {
        $name = $request->string('name')->toString();
        if ($request->filled('copy_of')) {
            $other = Keymap::query()->where('application', $application->id)->findOrFail($request->integer('copy_of'));
            Gate::authorize('view', $other);

            return $this->made($this->starter->copyOf($user, $application, $name, $other), $seat);
        }
        if ($request->filled('release')) {
            $release = Release::query()->findOrFail($request->integer('release'));
            Gate::authorize('view', $release->preset);
            $file = $release->files()->where('application', $application->id)->firstOrFail();

            return $this->made($this->starter->fromRelease($user, $application, $name, $file), $seat);
        }
        if ($request->filled('key_file')) {
            $file = ImportedKeyFile::query()
                ->where('kit_id', $user->kit->id)
                ->where('application', $application->id)
                ->findOrFail($request->integer('key_file'));

            return $this->made($this->starter->fromKeyFile($user, $application, $name, $file->bytes), $seat);
        }
        $change = $request->has('change') ? $request->change($application, $this->library->dialect($application)) : null;
        $terms = $request->boolean('despite_clashes') ? null : WriteTerms::at(1, $seat);

        return $this->made(
            $this->starter->fromFactory($user, $application, $name, $request->string('title')->toString(), $change, $terms),
            $seat,
        );
    }

    private function made(Keymap $keymap, Seat $seat): JsonResponse
    {
        return (new KeymapResource($this->kit->with($keymap->refresh()), $seat))->withStatus(201);
    }

    public function use(#[CurrentUser] User $user, Keymap $keymap, Seat $seat): KeymapResource
    {
        $this->starter->use($keymap);

        return $this->current($user, $this->library->application($keymap->application), $seat);
    }

    public function useFactory(#[CurrentUser] User $user, Application $application, Seat $seat): KeymapResource
    {
        $this->starter->useFactory($user, $application);

        return $this->current($user, $application, $seat);
    }

    public function update(Request $request, #[CurrentUser] User $user, Keymap $keymap): KeymapsResource
    {
        $validated = $request->validate([
            'name' => ['sometimes', 'required', 'string', 'max:60'],
            'tags' => ['sometimes', 'present', 'array', 'max:10'],
            'tags.*' => ['required', 'string', 'max:30'],
        ], [
            'name' => 'Give the keymap a name of up to 60 characters.',
            'tags' => 'Up to ten tags of up to 30 characters.',
            'tags.*' => 'A tag has up to 30 characters.',
        ]);

        $name = $request->has('name') ? $request->string('name')->trim()->toString() : null;
        $this->shelf->label($keymap, $name, $request->has('tags') ? $validated['tags'] ?? null : null);

        return $this->index($user);
    }

    public function destroy(#[CurrentUser] User $user, Keymap $keymap): KeymapsResource
    {
        $this->shelf->delete($keymap);

        return $this->index($user);
    }

    public function restore(#[CurrentUser] User $user, Keymap $keymap): KeymapsResource
    {
        $this->shelf->restore($keymap);

        return $this->index($user);
    }
}
