<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Requests\SeatRequest;
use App\Http\Requests\StartKeymapRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KeymapEditor;
use App\Keymaps\KeymapStarter;
use App\Keymaps\KitReader;
use App\Models\Keymap;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Comparison;

final readonly class KeymapController
{
    private const MOST_DELETED = 20;

    public function __construct(private KitReader $kit, private KeymapEditor $editor, private KeymapStarter $starter)
    {
    }

    /** All keymaps of the signed-in person, and which are in use. */
    public function index(SeatRequest $request): JsonResponse
    {
        $own = $request->person()->kit->keymaps()->with('parent')->orderBy('application')->orderBy('name')->get();

        return new JsonResponse([
            'kit' => $request->person()->kit->name,
            'keymaps' => $own->map(static fn (Keymap $keymap): array => [
                'id' => $keymap->id, 'application' => $keymap->application, 'name' => $keymap->name, 'in_use' => $keymap->in_use,
                'bindings' => count($keymap->bindings), 'follows' => $keymap->parent?->name, 'updated_at' => $keymap->updated_at->toIso8601String(),
                'tags' => $keymap->tags, 'version' => $keymap->version, 'unsaved' => count(Comparison::between($keymap->saved_bindings, $keymap->bindings)->differences),
            ])->all(),
            'deleted' => Keymap::onlyTrashed()->where('kit_id', $request->person()->kit->id)->orderByDesc('deleted_at')->limit(self::MOST_DELETED)->get()
                ->map(static fn (Keymap $keymap): array => ['id' => $keymap->id, 'application' => $keymap->application, 'name' => $keymap->name])->all(),
        ]);
    }

    /** The keymap that is in use for one application. */
    public function current(SeatRequest $request): JsonResponse
    {
        return $this->answer($this->kit->of($request->person(), $request->application()), $request->seat());
    }

    public function store(StartKeymapRequest $request): JsonResponse
    {
        $application = $request->application();
        $name = $request->string('name')->toString();
        $person = $request->person();
        if ($request->filled('key_file')) {
            $file = $person->kit->keyFiles()->where('application', $application->id)->findOrFail($request->integer('key_file'));
            $this->starter->fromKeyFile($person, $application, $name, $file->bytes);
        } elseif ($request->has('change')) {
            $this->starter->fromFactory($person, $application, $name, $request->string('title')->toString(), $request->change($application));
        } else {
            $this->starter->fromFactory($person, $application, $name);
        }

        return $this->answer($this->kit->of($person, $application), $request->seat(), 201);
    }

    public function use(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        $this->starter->use($keymap);

        return $this->answerFor($request, $keymap);
    }

    public function useFactory(SeatRequest $request): JsonResponse
    {
        $this->starter->useFactory($request->person(), $request->application());

        return $this->current($request);
    }

    public function change(ChangeRequest $request, Keymap $keymap): JsonResponse
    {
        $change = $request->change($request->library()->application($keymap->application));
        $this->editor->change($keymap, $request->person(), $request->integer('version'), $request->string('title')->toString(), $change, $request->boolean('on_top'));

        return $this->answerFor($request, $keymap);
    }

    public function undo(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        $this->editor->undo($keymap, $request->integer('version'));

        return $this->answerFor($request, $keymap);
    }

    public function redo(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        $this->editor->redo($keymap, $request->integer('version'));

        return $this->answerFor($request, $keymap);
    }

    /** The keymap as it is now. */
    public function answerFor(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        return $this->answer($this->kit->of($request->person(), $request->library()->application($keymap->application)), $request->seat());
    }

    private function answer(CurrentKeymap $current, Seat $seat, int $status = 200): JsonResponse
    {
        $shapes = new Shapes($current->application, $seat);
        $own = $current->own;

        return new JsonResponse([
            'id' => $own?->id,
            'application' => ['id' => $current->application->id, 'name' => $current->application->name],
            'name' => $current->name(),
            'follows' => $own?->parent?->name,
            'is_protected' => $own === null,
            'version' => $own->version ?? 0,
            'undo' => $own === null ? null : $this->editor->lastDone($own)?->title,
            'redo' => $own === null ? null : $this->editor->firstUndone($own)?->title,
            'tags' => $own->tags ?? [],
            'saved_at' => $own?->saved_at->toIso8601String(),
            'unsaved' => $own === null ? 0 : count(Comparison::between($own->saved_bindings, $current->bindings)->differences),
            'bindings' => array_map(static fn (Binding $one): array => $shapes->binding($one), $current->bindings->all()),
        ], $status);
    }
}
