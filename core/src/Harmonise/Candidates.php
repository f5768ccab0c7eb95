<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Application\KeyNaming;
use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\CandidateChords;

/** The chords to choose from: those that the kit has today, and what the board offers, the easiest first. */
final class Candidates
{
    /** @var list<Chord> by position, with `Primary` for the system's primary key */
    public readonly array $chords;

    /** @var list<float> effort of each, in key pitches, the mean over the boards */
    public readonly array $efforts;

    /** @var array<string, int> indexes in {@see}, by written form */
    private readonly array $indexOf;

    /** @var non-empty-list<LeftHand> */
    private readonly array $hands;

    /**
     * @param  non-empty-list<Seat>  $seats  all that the chords must be reached at; the first is where they are written
     * @param  list<Binding>  $today
     * @param  int  $most  chords besides those of today
     */
    public function __construct(private readonly array $seats, array $today, int $most)
    {
        $this->hands = array_map(static fn (Seat $one): LeftHand => new LeftHand($one->board), $seats);
        $ranked = [];
        foreach (CandidateChords::at($seats[0]) as $chord) {
            $effort = $this->effort($chord);
            if ($effort !== null) {
                $ranked[$chord->id()] = [$effort, $chord];
            }
        }
        uasort($ranked, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $found = [];
        foreach ($today as $binding) {
            $chord = $this->of($binding->chord);
            if ($chord !== null) {
                $found[$chord->id()] = [$this->effort($chord) ?? 0.0, $chord];
            }
        }
        $found = $this->toldApart($found + array_slice($ranked, 0, $most));
        $this->chords = array_column($found, 1);
        $this->efforts = array_column($found, 0);
        $this->indexOf = array_flip(array_keys($found));
    }

    /**
     * Two chords that are one press on some board, and two on another, cannot both be given out: the first stays.
     *
     * @param  array<string, array{float, Chord}>  $chords
     * @return array<string, array{float, Chord}>
     */
    private function toldApart(array $chords): array
    {
        $taken = [];
        foreach ($chords as $id => [, $chord]) {
            $presses = array_map(static fn (Seat $seat): string => $seat->system->value.' '.$seat->press($chord)->id, $this->seats);
            if (array_intersect_key($taken, array_fill_keys($presses, true)) !== []) {
                unset($chords[$id]);
            }
            $taken += array_fill_keys($presses, true);
        }

        return $chords;
    }

    /**
     * A chord as it stands in {@see $chords}, whether it is written by position or by character; null where it cannot be pressed at the
     * first seat.
     */
    public function of(Chord $chord): ?Chord
    {
        $made = $this->seats[0]->press($chord)->made;

        return $made === null ? null : Chord::with($made->modifiers->writtenFrom($this->seats[0]->system), $made->key);
    }

    /** @return int|null its index in {@see $chords} */
    public function index(Chord $chord): ?int
    {
        return $this->indexOf[$this->of($chord)?->id() ?? ''] ?? null;
    }

    /** As an application writes it. */
    public function written(int $index, KeyNaming $style): Chord
    {
        return $style->write($this->chords[$index], $this->seats[0]);
    }

    private function effort(Chord $chord): ?float
    {
        $sum = 0.0;
        foreach ($this->hands as $hand) {
            $travel = $chord->key instanceof Key ? $hand->of($chord) : null;
            if ($travel === null) {
                return null;
            }
            $sum += $travel / Board::PITCH;
        }

        return $sum / count($this->seats);
    }
}
