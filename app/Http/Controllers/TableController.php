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
            'typing' => (object) $shape->typing($layers),
            'applications' => array_map(fn (CurrentKeymap $current): array => $this->application($current, $request, $layers), $this->kit->all($request->person())),
        ]);
    }

    /**
     * @param  list<Modifiers>  $layers
     * @return array<string, mixed>
     */
    private function application(CurrentKeymap $current, SeatRequest $request, array $layers): array
    {
        $table = LookUpTable::of($current->at($request->seat()), $layers);

        return ['id' => $current->application->id, 'name' => $current->application->name, 'keymap' => $current->name(), ...$table, 'presses' => (object) $table['presses']];
    }
}
