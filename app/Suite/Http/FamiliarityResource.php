<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\Familiarity;
use Zebrafinch\Core\Across\Surprise;
use Zebrafinch\Core\Keyboard\Seat;

final class FamiliarityResource extends JsonAnswer
{
    public function __construct(private readonly Familiarity $familiarity, private readonly Suite $suite, private readonly Seat $seat)
    {
        parent::__construct($familiarity);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'suite' => ['id' => $this->suite->slug, 'name' => $this->suite->name],
            'share' => $this->familiarity->share,
            'known' => $this->familiarity->known,
            'surprises' => array_map($this->surprise(...), $this->familiarity->surprises),
        ];
    }

    /** @return array<string, mixed> */
    private function surprise(Surprise $surprise): array
    {
        $shapes = new Shapes($surprise->application, $this->seat);

        return [
            'application' => Shapes::application($surprise->application),
            'binding' => $shapes->binding($surprise->binding),
            'expected' => $shapes->commandName($surprise->expected),
            'instead' => $surprise->instead === null ? null : $shapes->commandName($surprise->instead),
            'is_dangerous' => $surprise->isDangerous(),
            'sentence' => $surprise->sentence,
        ];
    }
}
