<?php

declare(strict_types=1);

/** Reads what each key types from a keymap that `xkbcli` compiled. */
final class XkbLevels
{
    /** xkeyboard-config's names for the keys that type characters (its keycodes/evdev), by W3C code. */
    private const KEYS = [
        'Backquote' => 'TLDE', 'Minus' => 'AE11', 'Equal' => 'AE12', 'BracketLeft' => 'AD11', 'BracketRight' => 'AD12',
        'Semicolon' => 'AC10', 'Quote' => 'AC11', 'Backslash' => 'BKSL', 'Comma' => 'AB08', 'Period' => 'AB09', 'Slash' => 'AB10',
        'Space' => 'SPCE',
    ];

    private const LETTER_ROWS = ['AD' => 'QWERTYUIOP', 'AC' => 'ASDFGHJKL', 'AB' => 'ZXCVBNM'];

    /** Names of keysyms outside of letters and digits (X11/keysymdef.h). */
    private const SYMBOLS = [
        'space' => ' ', 'exclam' => '!', 'quotedbl' => '"', 'numbersign' => '#', 'dollar' => '$', 'percent' => '%', 'ampersand' => '&',
        'apostrophe' => "'", 'parenleft' => '(', 'parenright' => ')', 'asterisk' => '*', 'plus' => '+', 'comma' => ',', 'minus' => '-',
        'period' => '.', 'slash' => '/', 'colon' => ':', 'semicolon' => ';', 'less' => '<', 'equal' => '=', 'greater' => '>', 'question' => '?',
        'at' => '@', 'bracketleft' => '[', 'backslash' => '\\', 'bracketright' => ']', 'asciicircum' => '^', 'underscore' => '_', 'grave' => '`',
        'braceleft' => '{', 'bar' => '|', 'braceright' => '}', 'asciitilde' => '~',
    ];

    /** @return array<string, array{plain: string, shift: string}> by W3C code */
    public static function compile(string $layout): array
    {
        $compiled = (string) shell_exec('xkbcli compile-keymap --layout '.escapeshellarg($layout).' 2>/dev/null');
        preg_match_all('/key <(\w+)>\s*\{\s*\[([^\]]*)\]/', $compiled, $found, PREG_SET_ORDER);
        $symbols = [];
        foreach ($found as [, $name, $levels]) {
            $symbols[$name] = array_map(trim(...), explode(',', $levels));
        }
        $keys = [];
        foreach (self::names() as $code => $name) {
            $levels = $symbols[$name] ?? throw new RuntimeException("The compiled keymap has no key {$name}.");
            $keys[$code] = ['plain' => self::character($levels[0]), 'shift' => self::character($levels[1] ?? $levels[0])];
        }

        return $keys;
    }

    /** @return array<string, string> */
    private static function names(): array
    {
        $names = self::KEYS;
        foreach (self::LETTER_ROWS as $row => $letters) {
            foreach (str_split($letters) as $index => $letter) {
                $names["Key{$letter}"] = sprintf('%s%02d', $row, $index + 1);
            }
        }
        foreach (str_split('1234567890') as $index => $digit) {
            $names["Digit{$digit}"] = sprintf('AE%02d', $index + 1);
        }
        ksort($names);

        return $names;
    }

    private static function character(string $keysym): string
    {
        return strlen($keysym) === 1 ? $keysym : self::SYMBOLS[$keysym] ?? throw new RuntimeException("The keysym {$keysym} is not in the table.");
    }
}
