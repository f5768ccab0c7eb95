<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\CarryOver\CarriedBinding;
use Zebrafinch\Core\Across\CarryOver\Report;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReservedChords;

/** What becomes of each binding that is carried over. */
final class CarryOverResource extends JsonAnswer
{
    private readonly Shapes $there;

    /**
     * @param  array<string, array{keymap: int|null, name: string, version: int}>  $madeFrom  by application
     * @param  Seat  $here  where the sources were learned
     */
    public function __construct(
        private readonly Report $report,
        private readonly array $madeFrom,
        private readonly Docket $docket,
        private readonly ReservedChords $reserved,
        private readonly Seat $here,
    ) {
        parent::__construct($report);
        $this->there = new Shapes($report->target->application, $report->target->seat);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'target' => Shapes::application($this->report->target->application),
            'made_from' => (object) $this->madeFrom,
            'counts' => $this->report->counts(),
            'lines' => array_map($this->line(...), $this->report->lines),
            'lost' => array_map(
                fn (array $lost): array => ['binding' => $this->there->binding($lost[0]), 'sentence' => $lost[1]->sentence],
                $this->report->lost(new ReachJudge($this->report->target->seat, $this->reserved)),
            ),
            'consequences' => $this->there->consequences(Consequences::of($this->report->target, $this->report->change(), $this->docket)),
        ];
    }

    /** @return array<string, mixed> */
    private function line(CarriedBinding $line): array
    {
        $here = new Shapes($line->from->application, $this->here);

        return [
            'id' => $line->id(),
            'from' => Shapes::application($line->from->application),
            'binding' => $here->binding($line->binding),
            'ending' => $line->ending->value,
            'sentence' => $line->sentence,
            'to' => $line->to === null ? null : $this->there->binding($line->to),
            'displaced' => array_map($this->there->binding(...), $line->displaced),
            'is_accepted' => $line->isAccepted,
        ];
    }
}
