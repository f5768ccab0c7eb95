<?php

declare(strict_types=1);

namespace Standins;

/** Key codes as the operating system names them, found by words in lower case. */
final class KeyCodes
{
    private const OF_TWO_WORDS = [
        'PageUp',
        'PageDown',
        'BracketLeft',
        'BracketRight',
        'ContextMenu',
        'CapsLock',
        'NumLock',
        'ScrollLock',
        'PrintScreen',
        'IntlBackslash',
        'IntlRo',
        'IntlYen',
        'KanaMode',
        'NonConvert',
        'ArrowLeft',
        'ArrowRight',
        'ArrowUp',
        'ArrowDown',
    ];

    /** @param  string  $pad  what stands before keys of the number pad */
    public static function find(string $word, string $pad): string
    {
        $arrows = ['left' => 'ArrowLeft', 'right' => 'ArrowRight', 'up' => 'ArrowUp', 'down' => 'ArrowDown'];
        foreach (self::OF_TWO_WORDS as $code) {
            if (strtolower($code) === $word) {
                return $code;
            }
        }

        return $arrows[$word] ??
            match (true) {
                preg_match('/^[a-z]$/', $word) === 1 => 'Key'.strtoupper($word),
                preg_match('/^\d$/', $word) === 1 => 'Digit'.$word,
                str_starts_with($word, $pad) => 'Numpad'.ucfirst(substr($word, strlen($pad))),
                default => ucfirst($word),
            };
    }
}
