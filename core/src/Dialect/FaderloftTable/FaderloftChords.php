<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\FaderloftTable;

use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/** Two fields with a tab between: a letter for each modifier or a hyphen, and the key in lower case. */
final readonly class FaderloftChords
{
    private const LETTERS = [
        'p' => Modifier::Primary,
        'c' => Modifier::Control,
        'a' => Modifier::Alt,
        'g' => Modifier::AltGraph,
        's' => Modifier::Shift,
        'm' => Modifier::Meta,
    ];

    private const NONE = '-';

    private KeySpelling $keys;

    public function __construct()
    {
        $this->keys = KeySpelling::of(
            ['left' => 'ArrowLeft', 'right' => 'ArrowRight', 'up' => 'ArrowUp', 'down' => 'ArrowDown', 'esc' => 'Escape', 'ret' => 'Enter'],
            'pad-',
            lowerCase: true,
        );
    }

    /** @throws UnreadableChord */
    public function parse(string $hold, string $key): Chord
    {
        $modifiers = Modifiers::of();
        foreach ($hold === self::NONE ? [] : mb_str_split($hold) as $letter) {
            $modifiers = $modifiers->with(
                self::LETTERS[$letter] ??
                    throw UnreadableChord::unspeakable(
                        "{$hold} {$key}",
                        "\"{$letter}\" in the hold column is none of ".implode(', ', array_keys(self::LETTERS)),
                    ),
            );
        }

        return Chord::with(
            $modifiers,
            $this->keys->key($key) ?? throw UnreadableChord::unspeakable("{$hold} {$key}", "\"{$key}\" is not a key"),
        );
    }

    public function print(Chord $chord): string
    {
        $letters = array_map(
            static fn (Modifier $one): string => (string) array_search($one, self::LETTERS, true),
            $chord->modifiers->all(),
        );

        return (implode('', $letters) ?: self::NONE)."\t".$this->keys->spell($chord->key);
    }
}
