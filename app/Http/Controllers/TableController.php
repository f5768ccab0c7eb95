<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Http\Shapes\BoardShape;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Focus\LookUpTable;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Reach\Keeper;
use Zebrafinch\Core\Reach\ReservedChord;

/** All that a page needs to answer every press by itself: the board, its layers, and what each press does in each application. */
final readonly class TableController
{
    public function __construct(private KitReader $kit)
    {
    }

    public function __invoke(SeatRequest $request): JsonResponse
    {
        $seat = $request->seat();
        $layers = $seat->layers();
        $shape = new BoardShape($seat);

        return new JsonResponse([
            'board' => $shape->board(),
            'layers' => array_map($shape->layer(...), $layers),
            'kept_by_browser' => (object) $this->keptByBrowser($request),
            'typing' => (object) $shape->typing($layers),
            'applications' => array_map(fn (CurrentKeymap $current): array => $this->application($current, $request, $layers), $this->kit->all($request->person())),
        ]);
    }

    /** @return array<string, string> what a browser does with a press that it keeps from its pages, by press */
    private function keptByBrowser(SeatRequest $request): array
    {
        $kept = $request->library()->reserved()->of($request->system(), Keeper::Browser);

        return array_combine(array_map(static fn (ReservedChord $one): string => $one->chord->id(), $kept), array_map(static fn (ReservedChord $one): string => $one->does, $kept));
    }

    /**
     * @param  list<Modifiers>  $layers
     * @return array<string, mixed>
     */
    private function application(CurrentKeymap $current, SeatRequest $request, array $layers): array
    {
        $table = LookUpTable::of($current->at($request->seat()), $layers);

        return ['id' => $current->application->id, 'name' => $current->application->name, 'keymap' => $current->name(), ...$table, 'presses' => (object) $table['presses'], 'holds' => (object) $table['holds']];
    }
}
