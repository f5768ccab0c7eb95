<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\Library;
use App\Models\HouseApplication;
use Zebrafinch\Core\Intent\Proposals;

/** What the commands of an application of the house are likely to be for. */
final readonly class HouseMatches
{
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
        foreach (Proposals::from($vocabulary, $this->library->tradeWords(), $others)->for($this->describing->application($row)) as $one) {
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
}
