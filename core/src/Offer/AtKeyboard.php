<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;

/** What holds for one application at one keyboard, whatever is bound there. */
final readonly class AtKeyboard
{
    /** @var list<array{Chord, Chord, float}> each as it is pressed, as it is written, and what it costs, in mm of travel */
    public array $candidates;

    public function __construct(public Application $application, public Seat $seat, public ChordRules $rules)
    {
        $hand = new LeftHand($seat->board);
        $found = [];
        foreach (CandidateChords::at($seat) as $chord) {
            $travel = $hand->of($chord);
            if ($travel !== null) {
                $found[] = [$chord, $application->naming->write($chord, $seat), $travel];
            }
        }
        $this->candidates = $found;
    }
}
