<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Text\TextEdit;

/** Writes a chord over another where it stands. */
final readonly class ChordEdits
{
    /**
     * @param  array<string, Located>  $located  what was found of the old chord
     * @return list<TextEdit>
     *
     * @throws UnreadableChord
     */
    public static function of(
        Description $description,
        ChordReading $chords,
        string $text,
        ChordLocator $locator,
        array $located,
        Chord $chord,
    ): array {
        $raw = array_map(static fn (Located $one): string => $one->at->of($text), $located);
        $edits = [];
        foreach ($chords->said($chord, $locator, $raw) as $what => $said) {
            $old = $located[$what] ?? null;
            if ($old === null) {
                $edits = [...$edits, ...self::further($description, $locator, $located[ChordLocator::KEY], $what, $said)];
            } elseif ($old->text !== $said && ! self::saysTheSame($description, $what, $old->text, $said)) {
                $edits[] = $old->over($said, $description->shape, $text);
            }
        }

        return $edits;
    }

    /** An empty place says of a modifier that it is not held, whatever else says so. */
    private static function saysTheSame(Description $description, string $what, string $old, string $said): bool
    {
        return Modifier::tryFrom($what) !== null && $said === $description->spelling->no && trim($old) === '';
    }

    /**
     * Something that the old chord did not need to say.
     *
     * @return list<TextEdit>
     */
    private static function further(Description $description, ChordLocator $locator, Located $key, string $what, string $said): array
    {
        $isNothing =
            $what === ChordLocator::HELD
                ? $description->spelling->modifiers->isNone($said) || $said === '0'
                : $said === $description->spelling->no;
        if ($isNothing) {
            return [];
        }
        $name = $locator->at[$what]->in[count($locator->at[$what]->in) - 1] ?? '';
        $isQuoted = preg_match('/^(true|false|-?\d+)$/D', $said) !== 1;
        $text =
            $description->shape->further($name, $said, $isQuoted, $key->part) ??
            throw UnreadableChord::unspeakable($said, 'the line has no place for it');

        return [TextEdit::insertion($key->part->to, $text)];
    }
}
