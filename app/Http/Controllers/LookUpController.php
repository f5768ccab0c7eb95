<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChordRequest;
use App\Http\Requests\FindRequest;
use App\Http\Requests\LayerRequest;
use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use App\Library\Library;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Focus\BoardLayer;
use Zebrafinch\Core\Focus\Ladder;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Intent\Hit;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keymap\Binding;

/** Answers to "what does this key do" and "where is what I want". */
final readonly class LookUpController
{
    private const MOST_HITS = 40;

    public function __construct(private Library $library, private KitReader $kit)
    {
    }

    /** Who gets a chord, in each context of each application. */
    public function who(ChordRequest $request): JsonResponse
    {
        $chord = $request->chord();
        $seat = $request->seat();

        return new JsonResponse([
            'chord' => Shapes::chordAt($seat->printer(), $chord),
            'applications' => array_map(fn (CurrentKeymap $current): array => [
                'id' => $current->application->id,
                'name' => $current->application->name,
                'keymap' => $current->own->name ?? 'Factory',
                'ladders' => array_map((new Shapes($current->application, $seat))->ladder(...), $this->ladders($current, $request, $chord)),
            ], $this->kit->all($request->person())),
        ]);
    }

    /** @return list<Ladder> */
    private function ladders(CurrentKeymap $current, SeatRequest $request, Chord $chord): array
    {
        return (new Who($current->at($request->seat())))->everywhere($chord);
    }

    public function find(FindRequest $request): JsonResponse
    {
        $keymaps = collect($this->kit->all($request->person()))->keyBy(static fn (CurrentKeymap $one): string => $one->application->id);
        $searched = $request->has('application') ? [$this->library->application($request->string('application')->toString())] : array_values($this->library->applications());
        $hits = (new Search($searched, $this->library->vocabulary()))->find($request->string('words')->toString(), self::MOST_HITS);

        return new JsonResponse(['hits' => array_map(function (Hit $hit) use ($keymaps, $request): array {
            $shapes = new Shapes($hit->application, $request->seat());
            $bindings = $keymaps->get($hit->application->id)?->bindings->ofCommand($hit->command->id) ?? [];

            return [
                'application' => ['id' => $hit->application->id, 'name' => $hit->application->name],
                'command' => $shapes->commandName($hit->command->id),
                'menu' => $hit->command->menu,
                'tooltip' => $hit->command->tooltip,
                'context' => $shapes->contextName($hit->application->contexts->get($hit->command->home)),
                'intent' => $hit->intent === null ? null : ['id' => $hit->intent->id, 'name' => $hit->intent->name],
                'because' => $hit->because,
                'chords' => array_map(static fn (Binding $one): array => $shapes->chord($one->chord), $bindings),
            ];
        }, $hits)]);
    }

    /** What each key of the board does while these modifiers are held. */
    public function layer(LayerRequest $request): JsonResponse
    {
        $application = $request->application();
        $seat = $request->seat();
        $held = $request->string('held')->toString();
        // Any key serves to read the modifiers of a layer.
        $modifiers = Chord::parse(($held === '' ? '' : "{$held}+").Key::KeyA->value)->modifiers->writtenFrom($request->system());
        $keys = (new BoardLayer($this->kit->of($request->person(), $application)->at($seat)))->keys($modifiers, $request->string('context', ContextTree::EVERYWHERE)->toString());

        return new JsonResponse([
            'board' => ['id' => $seat->board->id, 'name' => $seat->board->name, ...$seat->board->size()],
            'keys' => array_map((new Shapes($application, $seat))->layerKey(...), $keys),
        ]);
    }
}
