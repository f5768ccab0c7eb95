<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keymap;

use App\Http\Requests\Keymap\LabelRequest;
use App\Http\Requests\Keymap\StartKeymapRequest;
use App\Http\Resources\Keymap\KeymapResource;
use App\Http\Resources\Keymap\KeymapsResource;
use App\Keymap\KeymapShelf;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
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

    /** The keymap that is in use for one application. */
    public function current(#[CurrentUser] User $user, Application $application, Seat $seat): KeymapResource
    {
        return new KeymapResource($this->kit->of($user, $application), $seat);
    }

    public function store(StartKeymapRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): JsonResponse
    {
        $name = $request->string('name')->toString();
        if ($request->filled('key_file')) {
            $file = $user->kit->keyFiles()->where('application', $application->id)->findOrFail($request->integer('key_file'));
            $this->starter->fromKeyFile($user, $application, $name, $file->bytes);
        } elseif ($request->has('change')) {
            $change = $request->change($application, $this->library->dialect($application));
            $this->starter->fromFactory($user, $application, $name, $request->string('title')->toString(), $change);
        } else {
            $this->starter->fromFactory($user, $application, $name);
        }

        return $this->current($user, $application, $seat)->withStatus(201);
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

    public function update(LabelRequest $request, #[CurrentUser] User $user, Keymap $keymap): KeymapsResource
    {
        $name = $request->has('name') ? $request->string('name')->trim()->toString() : null;
        $this->shelf->label($keymap, $name, $request->has('tags') ? $request->validated('tags') : null);

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
