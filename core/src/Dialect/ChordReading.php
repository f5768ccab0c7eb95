<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Spelling\ChordSpelling;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/** Makes chords of what was found of them, and says what is to be written for one. */
final readonly class ChordReading
{
    public function __construct(private ChordSpelling $spelling)
    {
    }

    /**
     * @param  array<string, Located>  $found  by what it is, as in {@see ChordLocator}
     *
     * @throws UnreadableChord
     */
    public function chord(array $found): Chord
    {
        if (isset($found[ChordLocator::WHOLE])) {
            return $this->spelling->parse($found[ChordLocator::WHOLE]->text);
        }
        $key = $found[ChordLocator::KEY]->text;
        $flags = array_diff_key($found, [ChordLocator::KEY => true, ChordLocator::HELD => true]);
        if ($flags === []) {
            return $this->spelling->parseApart(($found[ChordLocator::HELD] ?? null)->text ?? '', $key);
        }
        $held = Modifiers::of();
        foreach ($flags as $modifier => $flag) {
            $held = $this->isHeld($flag->text) ? $held->with(Modifier::from($modifier)) : $held;
        }

        return $this->spelling->parseWith($held, $key);
    }

    /** @throws UnreadableChord */
    private function isHeld(string $flag): bool
    {
        return match (trim($flag)) {
            $this->spelling->yes => true,
            $this->spelling->no, '' => false,
            default => throw UnreadableChord::unspeakable(
                $flag,
                "it is neither \"{$this->spelling->yes}\" nor \"{$this->spelling->no}\"",
            ),
        };
    }

    /**
     * What is to be written so that a chord is said.
     *
     * @param  array<string, string>  $old  what is written, by what it is; numbers are written as there
     * @return array<string, string> by what it is; a modifier that has a place and is not held is there, too
     *
     * @throws UnreadableChord
     */
    public function said(Chord $chord, ChordLocator $locator, array $old): array
    {
        if (isset($locator->at[ChordLocator::WHOLE])) {
            return [ChordLocator::WHOLE => $this->spelling->print($chord)];
        }
        $isHexadecimal = static fn (string $what): bool => preg_match('/^"?0x/i', $old[$what] ?? '') === 1;
        $said = [ChordLocator::KEY => $this->spelling->keys->spell($chord->key, $isHexadecimal(ChordLocator::KEY))];
        if (isset($locator->at[ChordLocator::HELD])) {
            return [
                ChordLocator::HELD => $this->spelling->printHeld($chord->modifiers, $isHexadecimal(ChordLocator::HELD)),
                ChordLocator::KEY => $said[ChordLocator::KEY],
            ];
        }
        foreach ($chord->modifiers->all() as $modifier) {
            isset($locator->at[$modifier->value]) || throw UnreadableChord::noWordFor($modifier);
        }
        foreach (array_keys($locator->at) as $what) {
            if ($what !== ChordLocator::KEY) {
                $said[$what] = $chord->modifiers->has(Modifier::from($what)) ? $this->spelling->yes : $this->spelling->no;
            }
        }

        return $said;
    }
}
