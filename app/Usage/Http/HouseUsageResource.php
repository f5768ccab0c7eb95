<?php

declare(strict_types=1);

namespace App\Usage\Http;

use App\Library\Library;
use App\Resources\JsonAnswer;
use App\Usage\HouseSums;
use Illuminate\Http\Request;

/** What the house uses, command by command. */
final class HouseUsageResource extends JsonAnswer
{
    /** @param  list<array{application: string, command: string, key: int, mouse: int, people: int}>  $sums */
    public function __construct(private readonly array $sums, private readonly int $people, private readonly Library $library)
    {
        parent::__construct($sums);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'people' => $this->people,
            'fewest_people' => HouseSums::FEWEST_PEOPLE,
            'uses' => array_map($this->use(...), $this->sums),
        ];
    }

    /**
     * @param  array{application: string, command: string, key: int, mouse: int, people: int}  $sum
     * @return array<string, mixed>
     */
    private function use(array $sum): array
    {
        $isKnown = $this->library->knows($sum['application']);
        $name = $isKnown ? $this->library->application($sum['application'])->commandName($sum['command']) : $sum['command'];

        return [
            'application' => ['id' => $sum['application'], 'name' => $this->library->nameOf($sum['application'])],
            'command' => ['id' => $sum['command'], 'name' => $name],
            'by_key' => $sum['key'],
            'by_mouse' => $sum['mouse'],
            'people' => $sum['people'],
        ];
    }
}
