<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\CutloomXml;

use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/** Words with blanks between: modifiers first, the key last. `Primary Shift B`, `Left`, `Pad7`. */
final readonly class CutloomChords
{
    private const MODIFIERS = ['Primary' => Modifier::Primary, 'Control' => Modifier::Control, 'Option' => Modifier::Alt, 'Third' => Modifier::AltGraph, 'Shift' => Modifier::Shift, 'System' => Modifier::Meta];

    private KeySpelling $keys;

    public function __construct()
    {
        $this->keys = KeySpelling::of(['Left' => 'ArrowLeft', 'Right' => 'ArrowRight', 'Up' => 'ArrowUp', 'Down' => 'ArrowDown', 'Return' => 'Enter', 'Grave' => 'Backquote'], 'Pad');
    }

    /** @throws UnreadableChord */
    public function parse(string $text): Chord
    {
        $words = preg_split('/\s+/', trim($text)) ?: [];
        $last = (string) array_pop($words);
        $held = Modifiers::of();
        foreach ($words as $word) {
            $held = $held->with(self::MODIFIERS[$word] ?? throw UnreadableChord::unspeakable($text, "\"{$word}\" is not one of ".implode(', ', array_keys(self::MODIFIERS))));
        }

        return Chord::with($held, $this->keys->key($last) ?? throw UnreadableChord::unspeakable($text, "\"{$last}\" is not a key"));
    }

    public function print(Chord $chord): string
    {
        $held = array_map(static fn (Modifier $one): string => (string) array_search($one, self::MODIFIERS, true), $chord->modifiers->all());

        return implode(' ', [...$held, $this->keys->spell($chord->key)]);
    }
}
