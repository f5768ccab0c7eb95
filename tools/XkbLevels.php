<?php

declare(strict_types=1);

/**
 * What each key types at each of four levels, as `xkbcli compile-keymap` says it (Debian libxkbcommon-tools, on the data of
 * xkb-data). Keysyms become characters by the table in libxkbcommon's own header (Debian libxkbcommon-dev).
 */
final class XkbLevels
{
    private const HEADER = '/usr/include/xkbcommon/xkbcommon-keysyms.h';

    /**
     * Names of xkeyboard-config for the keys of the writing block, by W3C code (UI Events KeyboardEvent code Values, figures of section 4).
     */
    private const KEYS = [
        'Backquote' => 'TLDE',
        'Minus' => 'AE11',
        'Equal' => 'AE12',
        'IntlYen' => 'AE13',
        'BracketLeft' => 'AD11',
        'BracketRight' => 'AD12',
        'Backslash' => 'BKSL',
        'Semicolon' => 'AC10',
        'Quote' => 'AC11',
        'Comma' => 'AB08',
        'Period' => 'AB09',
        'Slash' => 'AB10',
        'IntlRo' => 'AB11',
        'IntlBackslash' => 'LSGT',
        'Space' => 'SPCE',
        'NumpadDivide' => 'KPDV',
        'NumpadMultiply' => 'KPMU',
        'NumpadSubtract' => 'KPSU',
        'NumpadAdd' => 'KPAD',
        'NumpadDecimal' => 'KPDL',
        'NumpadEqual' => 'KPEQ',
        'NumpadComma' => 'I129',
    ];

    private const LETTER_ROWS = ['AD' => 'QWERTYUIOP', 'AC' => 'ASDFGHJKL', 'AB' => 'ZXCVBNM'];

    /** The mark that a dead key shows, where it is not in the header: spacing forms of Unicode's combining marks. */
    private const DEAD = [
        'dead_grave' => '`',
        'dead_acute' => '´',
        'dead_circumflex' => '^',
        'dead_tilde' => '~',
        'dead_perispomeni' => '῀',
        'dead_macron' => '¯',
        'dead_breve' => '˘',
        'dead_abovedot' => '˙',
        'dead_diaeresis' => '¨',
        'dead_abovering' => '˚',
        'dead_doubleacute' => '˝',
        'dead_caron' => 'ˇ',
        'dead_cedilla' => '¸',
        'dead_ogonek' => '˛',
        'dead_iota' => 'ͺ',
        'dead_belowdot' => '̣',
        'dead_hook' => '̉',
        'dead_horn' => '̛',
        'dead_stroke' => '̵',
        'dead_abovecomma' => '᾿',
        'dead_abovereversedcomma' => '῾',
        'dead_doublegrave' => '̏',
        'dead_belowring' => '̥',
        'dead_belowmacron' => 'ˍ',
        'dead_belowcircumflex' => '̭',
        'dead_belowtilde' => '̰',
        'dead_belowbreve' => '̮',
        'dead_belowdiaeresis' => '̤',
        'dead_invertedbreve' => '̑',
        'dead_belowcomma' => '̦',
        'dead_currency' => '¤',
        'dead_greek' => 'µ',
        'dead_voiced_sound' => '゛',
        'dead_semivoiced_sound' => '゜',
    ];

    /** @return array{alt_gr: bool, keys: array<string, list<string|array{dead: string}|null>>} as in boards/layouts/*.json */
    public static function compile(string $layout, string $variant = '', string $model = 'pc105'): array
    {
        $compiled = (string) shell_exec(
            'xkbcli compile-keymap --model '.
                escapeshellarg($model).
                ' --layout '.
                escapeshellarg($layout).
                ' --variant '.
                escapeshellarg($variant).
                ' 2>/dev/null',
        );
        preg_match_all('/key <(\w+)>\s*\{(.*?)\};/s', $compiled, $found, PREG_SET_ORDER);
        $symbols = [];
        foreach ($found as [, $name, $body]) {
            $first =
                preg_match('/symbols\[(?:Group)?1\]\s*=\s*\[([^\]]*)\]/', $body, $group) === 1 ||
                preg_match('/\[([^\]]*)\]/', $body, $group) === 1
                    ? $group[1]
                    : '';
            $symbols[$name] = array_map(trim(...), explode(',', $first));
        }
        $keys = [];
        foreach (self::names() as $code => $name) {
            $levels = $symbols[$name] ?? [];
            // A key of the number pad has one level here: with two, it types the second, while Num Lock is on.
            $levels = str_starts_with($code, 'Numpad') ? array_slice($levels, count($levels) === 2 ? 1 : 0, 1) : array_slice($levels, 0, 4);
            $typed = array_map(self::symbol(...), $levels);
            if (count($typed) === 1 && ! str_starts_with($code, 'Numpad')) {
                $typed[] = $typed[0];
            }
            while ($typed !== [] && end($typed) === null) {
                array_pop($typed);
            }
            if ($typed !== []) {
                $keys[$code] = $typed;
            }
        }

        return ['alt_gr' => in_array('ISO_Level3_Shift', $symbols['RALT'] ?? [], true), 'keys' => $keys];
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
            $names["Numpad{$digit}"] = "KP{$digit}";
        }
        ksort($names);

        return $names;
    }

    /** @return string|array{dead: string}|null */
    private static function symbol(string $keysym): string|array|null
    {
        if (isset(self::DEAD[$keysym])) {
            return ['dead' => self::DEAD[$keysym]];
        }
        if (preg_match('/^U([0-9A-F]{4,6})$/', $keysym, $found) === 1) {
            return mb_chr((int) hexdec($found[1]), 'UTF-8');
        }

        return self::table()[preg_replace('/^KP_(\d)$/', '$1', $keysym)] ?? null;
    }

    /** @return array<string, string> characters by keysym name */
    private static function table(): array
    {
        static $table = null;
        if ($table === null) {
            $table = [
                'KP_Divide' => '/',
                'KP_Multiply' => '*',
                'KP_Subtract' => '-',
                'KP_Add' => '+',
                'KP_Decimal' => '.',
                'KP_Separator' => ',',
                'KP_Equal' => '=',
            ];
            preg_match_all(
                '~^#define XKB_KEY_(\w+)\s+0x[0-9a-f]+\s*/\*\s*[(<]?U\+([0-9A-F]{4,6})~m',
                (string) file_get_contents(self::HEADER),
                $found,
                PREG_SET_ORDER,
            );
            foreach ($found as [, $name, $codePoint]) {
                $table[$name] ??= mb_chr((int) hexdec($codePoint), 'UTF-8');
            }
        }

        return $table;
    }
}
