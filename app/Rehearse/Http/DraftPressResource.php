<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;

final class DraftPressResource extends JsonAnswer
{
    /** @param  array<string, mixed>  $answer  what the stand-in says */
    public function __construct(
        private readonly Chord $chord,
        private readonly string $gesture,
        private readonly Context $focus,
        private readonly array $answer,
        private readonly Seat $seat,
    ) {
        parent::__construct($answer);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            // There is no order behind it that would have a number.
            'id' => 0,
            'state' => 'done',
            'chord' => Shapes::chordAt($this->seat->printer(), $this->chord),
            'gesture' => $this->gesture,
            'focus' => ['id' => $this->focus->id, 'name' => $this->focus->name],
            'answer' => $this->answer,
        ];
    }
}
