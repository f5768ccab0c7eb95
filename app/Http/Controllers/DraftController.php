<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ComparisonRequest;
use App\Http\Requests\LabelRequest;
use App\Http\Requests\ReturnRequest;
use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KeymapEditor;
use App\Keymaps\KeymapShelf;
use App\Library\Library;
use App\Models\Keymap;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\CommandDifference;
use Zebrafinch\Core\Keymap\Comparison;

/** The way of a keymap through time: saving, comparing, going back, labelling, putting away. */
final readonly class DraftController
{
    public function __construct(private Library $library, private KeymapEditor $editor, private KeymapShelf $shelf, private KeymapController $keymaps)
    {
    }

    public function save(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        $this->editor->save($keymap, $request->integer('version'));

        return $this->keymaps->answerFor($request, $keymap);
    }

    /** What leads from the last save, the factory keymap or another keymap to this one, command by command. */
    public function compare(ComparisonRequest $request, Keymap $keymap): JsonResponse
    {
        $application = $this->library->application($keymap->application);
        $shapes = new Shapes($application, $request->seat());
        $with = $request->string('with')->toString();
        $comparison = Comparison::between($this->other($keymap, $with), $keymap->bindings);

        return new JsonResponse([
            'with' => match ($with) {
                'saved' => 'the last save',
                'factory' => 'the factory keymap',
                default => Keymap::query()->findOrFail((int) $with)->name,
            },
            'differences' => array_map(static fn (CommandDifference $one): array => [
                'command' => $shapes->commandName($one->command),
                'context' => $shapes->contextName($application->contexts->get($one->context)),
                'before' => array_map($shapes->binding(...), $one->before),
                'after' => array_map($shapes->binding(...), $one->after),
            ], $comparison->differences),
        ]);
    }

    /** Back to the last save or to the factory keymap, all of it, one context or one command: a change like any other, which can be undone. */
    public function goBack(ReturnRequest $request, Keymap $keymap): JsonResponse
    {
        $to = $request->string('to')->toString();
        $change = Comparison::between($keymap->bindings, $this->other($keymap, $to))->only($request->optional('context'), $request->optional('command'))->change();
        if (! $change->isEmpty()) {
            $this->editor->change($keymap, $request->person(), $request->integer('version'), $request->title($this->library->application($keymap->application)), $change);
        }

        return $this->keymaps->answerFor($request, $keymap);
    }

    public function label(LabelRequest $request, Keymap $keymap): JsonResponse
    {
        $this->shelf->label($keymap, $request->has('name') ? $request->string('name')->trim()->toString() : null, $request->has('tags') ? $request->validated('tags') : null);

        return $this->keymaps->index($request);
    }

    public function delete(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        $this->shelf->delete($keymap);

        return $this->keymaps->index($request);
    }

    public function takeBack(SeatRequest $request, Keymap $keymap): JsonResponse
    {
        $this->shelf->takeBack($keymap);

        return $this->keymaps->index($request);
    }

    private function other(Keymap $keymap, string $which): Bindings
    {
        if ($which === 'saved') {
            return $keymap->saved_bindings;
        }
        if ($which === 'factory') {
            return $this->library->factoryBindings($this->library->application($keymap->application));
        }
        $other = Keymap::query()->where('application', $keymap->application)->findOrFail((int) $which);
        Gate::authorize('view', $other);

        return $other->bindings;
    }
}
