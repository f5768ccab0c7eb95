<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChordRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Reach\ReachJudge;

/** Who gets a chord, in each context of each application, and whether this keyboard can press it. */
final readonly class WhoController
{
    public function __construct(private KitReader $kit)
    {
    }

    public function __invoke(ChordRequest $request): JsonResponse
    {
        $chord = $request->chord();
        $seat = $request->seat();
        $printer = $seat->printer();

        return new JsonResponse([
            'chord' => Shapes::chordAt($printer, $chord),
            'presses' => array_map(static fn (Chord $one): array => Shapes::chordAt($printer, $one), $seat->presses($chord)),
            'reach' => Shapes::reach($printer, (new ReachJudge($seat, $request->library()->reserved()))->of($chord)),
            'applications' => array_map(static fn (CurrentKeymap $current): array => [
                'id' => $current->application->id,
                'name' => $current->application->name,
                'keymap' => $current->name(),
                'ladders' => array_map((new Shapes($current->application, $seat))->ladder(...), (new Who($current->at($seat)))->everywhere($chord)),
            ], $this->kit->all($request->person())),
        ]);
    }
}
