<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use App\Resources\MergeShape;
use App\Resources\Shapes;
use App\Suite\HandChange;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Comparison;

final class HandChangeResource extends JsonAnswer
{
    /** @param  Seat  $seat  that of the suite */
    public function __construct(private readonly HandChange $change, private readonly Seat $seat)
    {
        parent::__construct($change);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $change = $this->change;
        $shapes = new Shapes($change->application, $this->seat);
        $merge = $change->merge();

        return [
            'application' => Shapes::application($change->application),
            'sha256' => $change->sha256,
            'given' => $change->baseLabel,
            'due' => $change->dueLabel,
            'by_hand' => $shapes->differences(Comparison::between($change->base, $change->there)),
            'due_brings' => $change->due === null ? [] : $shapes->differences(Comparison::between($change->base, $change->due)),
            'questions' => (new MergeShape($shapes))->questions($merge),
        ];
    }
}
