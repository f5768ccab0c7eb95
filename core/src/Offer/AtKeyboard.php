<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;

/**
 * What holds for one application at one keyboard, whatever is bound there.
 *
 * @phpstan-type AtKeyboardData list<array{string, string, float, list<string>}>
 */
final readonly class AtKeyboard
{
    /**
     * @param  list<array{Chord, Chord, float}>  $candidates  each as it is pressed, as it is written, and what it costs, in mm of travel
     */
    private function __construct(public Application $application, public Seat $seat, public ChordRules $rules, public array $candidates)
    {
    }

    public static function of(Application $application, Seat $seat, ChordRules $rules): self
    {
        $hand = new LeftHand($seat->board);
        $found = [];
        foreach (CandidateChords::at($seat) as $chord) {
            $travel = $hand->of($chord);
            if ($travel !== null) {
                $found[] = [$chord, $application->naming->write($chord, $seat), $travel];
            }
        }

        return new self($application, $seat, $rules, $found);
    }

    /** @param  AtKeyboardData  $data  as {@see toData()} gave it for the same application at the same keyboards */
    public static function fromData(Application $application, Seat $seat, ChordRules $rules, array $data): self
    {
        $candidates = [];
        foreach ($data as [$chord, $written, $travel, $gestures]) {
            $as = Chord::parse($written);
            $candidates[] = [$chord === $written ? $as : Chord::parse($chord), $as, $travel];
            foreach ($gestures as $gesture) {
                $rules->allow($as, Gesture::from($gesture));
            }
        }

        return new self($application, $seat, $rules, $candidates);
    }

    /** @return AtKeyboardData the candidates against which nothing speaks, with the gestures for which that is so */
    public function toData(): array
    {
        $data = [];
        foreach ($this->candidates as [$chord, $written, $travel]) {
            $gestures = array_filter(Gesture::cases(), fn (Gesture $one): bool => $this->rules->allows($written, $one));
            if ($gestures !== []) {
                $data[] = [$chord->id(), $written->id(), $travel, array_values(array_column($gestures, 'value'))];
            }
        }

        return $data;
    }
}
