<?php

declare(strict_types=1);

namespace App\Http\Resources\Focus;

use App\Keymap\CurrentKeymap;
use App\Resources\BoardShape;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Focus\LookUpTable;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Reach\ReservedBy;
use Zebrafinch\Core\Reach\ReservedChords;

final class TableResource extends JsonAnswer
{
    /** @param  list<CurrentKeymap>  $keymaps  one for each application */
    public function __construct(private readonly array $keymaps, private readonly ReservedChords $reserved, private readonly Seat $seat)
    {
        parent::__construct($keymaps);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $layers = $this->seat->layers();
        $shape = new BoardShape($this->seat);

        return [
            'board' => $shape->board(),
            'layers' => array_map($shape->layer(...), $layers),
            'reserved_by_browser' => (object) $this->reservedByBrowser(),
            'typing' => (object) $shape->typing($layers),
            'applications' => array_map(fn (CurrentKeymap $keymap): array => $this->application($keymap, $layers), $this->keymaps),
        ];
    }

    /** @return array<string, string> what a browser does with a press that it reserves, by press */
    private function reservedByBrowser(): array
    {
        $does = [];
        foreach ($this->reserved->of($this->seat->system, ReservedBy::Browser) as $reserved) {
            $does[$reserved->chord->id()] = $reserved->does;
        }

        return $does;
    }

    /**
     * @param  list<Modifiers>  $layers
     * @return array<string, mixed>
     */
    private function application(CurrentKeymap $keymap, array $layers): array
    {
        $table = LookUpTable::of($keymap->at($this->seat), $layers);

        return [
            'id' => $keymap->application->id,
            'name' => $keymap->application->name,
            'keymap' => $keymap->name(),
            ...$table,
            'presses' => (object) $table['presses'],
            'holds' => (object) $table['holds'],
        ];
    }
}
