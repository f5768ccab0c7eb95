<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Models\Suite;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\Surprise;
use Zebrafinch\Core\Focus\LoadedKeymap;

/** What will be different where somebody is about to sit. */
final class SuiteDifferencesResource extends JsonAnswer
{
    /** As many as ten minutes are enough for; all are counted. */
    private const MOST_TOLD = 100;

    /**
     * @param  list<Surprise>  $surprises  the most dangerous first
     * @param  array<string, LoadedKeymap>  $there  by application
     */
    public function __construct(private readonly Suite $suite, private readonly array $surprises, private readonly array $there)
    {
        parent::__construct($surprises);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'suite' => ['id' => $this->suite->slug, 'name' => $this->suite->name],
            'count' => count($this->surprises),
            'surprises' => array_map($this->surprise(...), array_slice($this->surprises, 0, self::MOST_TOLD)),
        ];
    }

    /** @return array<string, mixed> */
    private function surprise(Surprise $one): array
    {
        $there = $this->there[$one->application->id];
        $shapes = new Shapes($one->application, $there->seat);

        return [
            'application' => Shapes::application($one->application),
            'command' => $shapes->commandName($one->expected),
            'mine' => $shapes->binding($one->binding),
            'is_dangerous' => $one->isDangerous(),
            'instead' => $one->instead === null ? null : $shapes->commandName($one->instead),
            'there' => array_map($shapes->binding(...), array_slice($there->bindings()->ofCommand($one->expected), 0, 3)),
        ];
    }
}
