<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Keymap\CurrentKeymap;
use App\Library\Memoised;
use App\Resources\BoardShape;
use Closure;
use Zebrafinch\Core\Focus\LookUpTable;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Reach\ReservedBy;
use Zebrafinch\Core\Reach\ReservedChords;

/** The schema `Table`, put together from parts of which each is worked out once: the keyboard, and each application on it. */
final readonly class TableResource
{
    /**
     * @param  Closure(string): CurrentKeymap  $keymapOf  an application
     * @param  array<string, string>  $stamps  of what each application's part is made from
     * @param  string  $keyboard  stamp of the seat
     */
    public function __construct(
        private Closure $keymapOf,
        private array $stamps,
        private ReservedChords $reserved,
        private Seat $seat,
        private string $keyboard,
    ) {
    }

    public function json(Memoised $memoised): string
    {
        $applications = [];
        foreach ($this->stamps as $id => $stamp) {
            $applications[] = $memoised->json(
                'table of an application',
                "{$stamp} {$this->keyboard}",
                fn (): array => $this->application($id),
            );
        }
        $keyboard = $memoised->json('table of a keyboard', $this->keyboard, $this->keyboard(...));

        return substr($keyboard, 0, -1).',"applications":['.implode(',', $applications).']}';
    }

    /** @return array<string, mixed> */
    private function keyboard(): array
    {
        $layers = $this->seat->layers();
        $shape = new BoardShape($this->seat);

        return [
            'board' => $shape->board(),
            'layers' => array_map($shape->layer(...), $layers),
            'reserved_by_browser' => (object) $this->reservedByBrowser(),
            'typing' => (object) $shape->typing($layers),
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

    /** @return array<string, mixed> */
    private function application(string $id): array
    {
        $keymap = ($this->keymapOf)($id);
        $table = LookUpTable::of($keymap->at($this->seat), $this->seat->layers());

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
