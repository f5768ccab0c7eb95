<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Layout;

/** Whether a chord's letter helps to remember what it runs. */
final readonly class Mnemonic
{
    /** Letters of a word that a chord can stand for; shorter ones ("at", "to") mean nothing by themselves. */
    private const SHORTEST_WORD = 3;

    /** The word of a command's name that begins with the letter on the chord's key; null for none. */
    public static function word(string $name, Chord $chord, Layout $layout): ?string
    {
        $legend = $chord->key instanceof Key ? $layout->legend($chord->key) ?? '' : '';
        foreach ($legend === '' ? [] : (preg_split('/[^\p{L}]+/u', $name, -1, PREG_SPLIT_NO_EMPTY) ?: []) as $word) {
            if (mb_strlen($word) >= self::SHORTEST_WORD && mb_strtoupper(mb_substr($word, 0, 1)) === $legend) {
                return $word;
            }
        }

        return null;
    }
}
