<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\Library;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Intent\Proposals;

/** What the commands of an application of the house are likely to be for. */
final readonly class HouseMatches
{
    /** Commands that are looked at; the others can be matched once the application is in use. */
    private const MOST = 1_200;

    /** Commands that are looked at at once: how well each intent fits each of them is held in memory. */
    private const AT_ONCE = 300;

    public function __construct(private Library $library, private Describing $describing)
    {
    }

    /**
     * @return list<array{
     *     command: array{id: string, name: string},
     *     intent: array{id: string, name: string},
     *     is_sure: bool,
     *     is_taken: bool,
     * }>
     */
    public function proposed(HouseApplication $row): array
    {
        $vocabulary = $this->library->vocabulary();
        $others = array_values(array_diff_key($this->library->applications(), [$row->slug => true]));
        $taken = array_column($row->matches, 'intent', 'command');
        $proposed = [];
        $proposals = Proposals::from($vocabulary, $this->library->tradeWords(), $others);
        $all = [];
        for ($from = 0; $from < min(self::MOST, count((array) $row->catalogue['commands'])); $from += self::AT_ONCE) {
            array_push($all, ...$proposals->for($this->some($row, $from)));
        }
        foreach ($all as $one) {
            $intent = $taken[$one->command->id] ?? $one->fits[0]->intent->id;
            $proposed[] = [
                'command' => ['id' => $one->command->id, 'name' => $one->command->name],
                'intent' => ['id' => $intent, 'name' => $vocabulary->intent($intent)->name],
                'is_sure' => $one->isSure,
                'is_taken' => isset($taken[$one->command->id]),
            ];
        }

        return $proposed;
    }

    private function some(HouseApplication $row, int $from): Application
    {
        $part = clone $row;
        $part->catalogue = ['commands' => array_slice((array) $row->catalogue['commands'], $from, self::AT_ONCE)] + $row->catalogue;

        return $this->describing->application($part);
    }
}
