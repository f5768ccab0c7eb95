<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\System;

/**
 * The chords that systems and browsers reserve.
 *
 * @phpstan-type ReservedData array{systems: list<string>, by: string, chords: list<string>, does: string, origin: string}
 */
final readonly class ReservedChords
{
    /**
     * @param  array<string, array<string, array<string, ReservedChord>>>  $chords  by system, then by who takes them, then by the chord as
     *     it is held there
     */
    private function __construct(private array $chords)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  list<ReservedData>  $data  as in boards/reserved.json */
    public static function fromData(array $data): self
    {
        $chords = [];
        foreach ($data as $entry) {
            foreach ($entry['systems'] as $system) {
                foreach ($entry['chords'] as $written) {
                    $chord = Chord::parse($written)->on(System::from($system));
                    $chords[$system][$entry['by']][$chord->id()] = new ReservedChord(
                        $chord,
                        ReservedBy::from($entry['by']),
                        $entry['does'],
                        $entry['origin'],
                    );
                }
            }
        }

        return new self($chords);
    }

    /** @return list<ReservedChord> */
    public function of(System $system, ReservedBy $by): array
    {
        return array_values($this->chords[$system->value][$by->value] ?? []);
    }

    public function has(Press $press, System $system, ReservedBy $by = ReservedBy::System): bool
    {
        return isset($this->chords[$system->value][$by->value][$press->id]);
    }

    /** What reserves this chord, or null where it reaches applications. */
    public function find(Chord $held, System $system, ReservedBy $by = ReservedBy::System): ?ReservedChord
    {
        return $this->chords[$system->value][$by->value][$held->id()] ?? null;
    }
}
