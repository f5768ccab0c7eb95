<?php

declare(strict_types=1);

namespace App\Clash\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Settle\Repair;
use Zebrafinch\Core\Clash\Settle\Settlement;
use Zebrafinch\Core\Focus\LoadedKeymap;

final class SettlementResource extends JsonAnswer
{
    public function __construct(
        private readonly Settlement $settlement,
        private readonly LoadedKeymap $keymap,
        private readonly Docket $docket,
    ) {
        parent::__construct($settlement);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new Shapes($this->keymap->application, $this->keymap->seat);

        return [
            'repairs' => array_map(
                fn (Repair $repair): array => [
                    'id' => $repair->press->id,
                    'chord' => $shapes->chord($repair->change->removed[0]->chord),
                    'steps' => $repair->steps,
                    'cost' => round($repair->cost, 1),
                    'change' => $repair->change->toData(),
                    'consequences' => $shapes->consequences(Consequences::of($this->keymap, $repair->change, $this->docket)),
                ],
                $this->settlement->repairs,
            ),
            'cost' => round($this->settlement->cost, 1),
            'bound' => round($this->settlement->bound, 1),
            'is_cheapest' => $this->settlement->isCheapest(),
            'sentence' => $this->settlement->sentence(),
            'left' => array_map($shapes->clash(...), $this->settlement->left),
        ];
    }
}
