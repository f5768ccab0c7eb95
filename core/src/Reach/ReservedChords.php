<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\System;

/**
 * The chords that systems and browsers keep for themselves.
 *
 * @phpstan-type ReservedData array{systems: list<string>, keeper: string, chords: list<string>, does: string, origin: string}
 */
final readonly class ReservedChords
{
    /** @param  array<string, array<string, array<string, ReservedChord>>>  $chords  by system, then by keeper, then by the chord as it is held there */
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
                    $chords[$system][$entry['keeper']][$chord->id()] = new ReservedChord($chord, Keeper::from($entry['keeper']), $entry['does'], $entry['origin']);
                }
            }
        }

        return new self($chords);
    }

    /** @return list<ReservedChord> */
    public function of(System $system, Keeper $keeper): array
    {
        return array_values($this->chords[$system->value][$keeper->value] ?? []);
    }

    /** @param  string  $press  the identity of a chord as it is held */
    public function keeps(string $press, System $system, Keeper $keeper = Keeper::System): bool
    {
        return isset($this->chords[$system->value][$keeper->value][$press]);
    }

    /** What keeps this chord, or null where it reaches applications. */
    public function keeping(Chord $held, System $system, Keeper $keeper = Keeper::System): ?ReservedChord
    {
        return $this->chords[$system->value][$keeper->value][$held->id()] ?? null;
    }
}
