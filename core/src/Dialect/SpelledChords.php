<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/** Chords written as words: the held modifiers, and the key last, with a sign between. */
final readonly class SpelledChords
{
    /**
     * @param  array<string, Modifier>  $modifiers  by word
     * @param  string  $between  a blank stands for any number of them
     */
    public function __construct(private array $modifiers, private KeySpelling $keys, private string $between)
    {
    }

    /** @throws UnreadableChord */
    public function parse(string $text): Chord
    {
        $text = trim($text);
        // The key can be the sign itself, so the last character does not separate.
        $cut = strlen($text) < 2 ? false : strrpos($text, $this->between, -2);
        [$words, $last] = $cut === false ? ['', $text] : [substr($text, 0, $cut), substr($text, $cut + 1)];
        $held = Modifiers::of();
        foreach (preg_split('/'.preg_quote($this->between, '/').'+/', $words, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $modifier =
                $this->modifiers[$word] ??
                throw UnreadableChord::unspeakable($text, "\"{$word}\" is not one of ".implode(', ', array_keys($this->modifiers)));
            $held = $held->has($modifier) ? throw UnreadableChord::unspeakable($text, "it names {$word} twice") : $held->with($modifier);
        }

        return Chord::with($held, $this->keys->key($last) ?? throw UnreadableChord::unspeakable($text, "\"{$last}\" is not a key"));
    }

    /** @throws UnreadableChord */
    public function print(Chord $chord): string
    {
        $held = array_map(
            fn (Modifier $one): string => (string) (array_search($one, $this->modifiers, true) ?: throw UnreadableChord::noWordFor($one)),
            $chord->modifiers->all(),
        );

        return implode($this->between, [...$held, $this->keys->spell($chord->key)]);
    }

    /**
     * For files that have no place for a gesture.
     *
     * @throws UnreadableChord
     */
    public function printTap(Binding $binding): string
    {
        return $binding->gesture === Gesture::Tap ? $this->print($binding->chord) : throw UnreadableChord::onlyTap();
    }
}
