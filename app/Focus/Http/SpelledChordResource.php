<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReservedChords;

final class SpelledChordResource extends JsonAnswer
{
    public function __construct(private readonly Chord $chord, private readonly ReservedChords $reserved, private readonly Seat $seat)
    {
        parent::__construct($chord);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $printer = $this->seat->printer();
        $presses = [];
        foreach ($this->seat->presses($this->chord) as $press) {
            if ($press->made !== null) {
                $presses[] = Shapes::chordAt($printer, $press->made);
            }
        }

        return [
            'chord' => Shapes::chordAt($printer, $this->chord),
            'presses' => $presses,
            'reach' => Shapes::reach($printer, (new ReachJudge($this->seat, $this->reserved))->of($this->chord)),
        ];
    }
}
