<?php

// Writes boards/<size>-<standard>.json: four sizes in each of three standards. Lengths in key pitches (19.05 mm).
// Rows and columns follow the grid of ISO/IEC 9995-1; the widths of the writing block are those of the geometries in
// xkeyboard-config (Debian xkb-data), against which a test holds them. The other blocks are common practice.
// Usage: php tools/make-boards.php [FOLDER]

declare(strict_types=1);

/**
 * Keys side by side: `KeyA KeyS`, `Tab:1.5` for another width, `_:0.5` for a gap.
 *
 * @return list<array<string, mixed>>
 */
function row(float $y, string $keys, float $x = 0, float $height = 1): array
{
    $indexes = [];
    foreach (explode(' ', $keys) as $word) {
        [$key, $width] = explode(':', $word) + [1 => '1'];
        if ($key !== '_') {
            $indexes[] =
                ['key' => $key, 'x' => round($x, 3), 'y' => $y] +
                ((float) $width === 1.0 ? [] : ['w' => (float) $width]) +
                ($height === 1.0 ? [] : ['h' => $height]);
        }
        $x += (float) $width;
    }

    return $indexes;
}

/** @return list<array<string, mixed>> the four rows of letters and digits, 15 pitches wide */
function writingRows(string $standard, float $y, float $rightShift): array
{
    $digits = 'Digit1 Digit2 Digit3 Digit4 Digit5 Digit6 Digit7 Digit8 Digit9 Digit0 Minus Equal';
    $upper = 'KeyQ KeyW KeyE KeyR KeyT KeyY KeyU KeyI KeyO KeyP BracketLeft BracketRight';
    $home = 'KeyA KeyS KeyD KeyF KeyG KeyH KeyJ KeyK KeyL Semicolon Quote';
    $lower = 'KeyZ KeyX KeyC KeyV KeyB KeyN KeyM Comma Period Slash';
    $tallEnter = ['key' => 'Enter', 'x' => 13.5, 'y' => $y + 1, 'w' => 1.5, 'h' => 2, 'notch' => 0.25];

    return match ($standard) {
        'ansi' => [
            ...row($y, "Backquote {$digits} Backspace:2"),
            ...row($y + 1, "Tab:1.5 {$upper} Backslash:1.5"),
            ...row($y + 2, "CapsLock:1.75 {$home} Enter:2.25"),
            ...row($y + 3, "ShiftLeft:2.25 {$lower} ShiftRight:{$rightShift}"),
        ],
        'iso' => [
            ...row($y, "Backquote {$digits} Backspace:2"),
            ...row($y + 1, "Tab:1.5 {$upper}"),
            $tallEnter,
            ...row($y + 2, "CapsLock:1.75 {$home} Backslash"),
            ...row($y + 3, "ShiftLeft:1.25 IntlBackslash {$lower} ShiftRight:{$rightShift}"),
        ],
        'jis' => [
            ...row($y, "Backquote {$digits} IntlYen Backspace"),
            ...row($y + 1, "Tab:1.5 {$upper}"),
            $tallEnter,
            ...row($y + 2, "CapsLock:1.75 {$home} Backslash"),
            ...row($y + 3, "ShiftLeft:2.25 {$lower} IntlRo ShiftRight:".($rightShift - 1)),
        ],
    };
}

/** @return list<array<string, mixed>> */
function arrows(float $x, float $y): array
{
    return [...row($y, 'ArrowUp', $x + 1), ...row($y + 1, 'ArrowLeft ArrowDown ArrowRight', $x)];
}

const PAD = 18.5;

/**
 * @return array{
 *     keys: list<array<string, mixed>>,
 *     macos: list<array<string, mixed>>,
 *     others: list<array<string, mixed>>,
 *     fn: array<string, string>,
 * }
 */
function desk(string $standard, bool $pad): array
{
    $bottom = 5.5;
    $keys = [
        ...row(0, 'Escape _ F1 F2 F3 F4 _:0.5 F5 F6 F7 F8 _:0.5 F9 F10 F11 F12'),
        ...writingRows($standard, 1.5, 2.75),
        ...row(1.5, 'Insert Home PageUp', 15.25),
        ...row(2.5, 'Delete End PageDown', 15.25),
        ...arrows(15.25, 4.5),
        ...$pad
            ? [
                ...row(2.5, 'Numpad7 Numpad8 Numpad9', PAD),
                ...row(3.5, 'Numpad4 Numpad5 Numpad6', PAD),
                ...row(4.5, 'Numpad1 Numpad2 Numpad3', PAD),
                ...row(5.5, 'Numpad0:2 NumpadDecimal', PAD),
                ...row(4.5, 'NumpadEnter', PAD + 3, 2),
            ]
            : [],
    ];
    $padOn = static fn (string $top, array $right): array => $pad ? [...row(1.5, $top, PAD), ...$right] : [];

    return [
        'keys' => $keys,
        'macos' => [
            ...row(
                $bottom,
                $standard === 'jis'
                    ? 'ControlLeft:1.25 AltLeft:1.25 MetaLeft:1.5 Lang2:1.25 Space:4 '.
                        'Lang1:1.25 MetaRight:1.5 AltRight:1.25 ControlRight:1.75'
                    : 'ControlLeft:1.5 AltLeft:1.25 MetaLeft:1.5 Space:6.5 MetaRight:1.5 AltRight:1.25 ControlRight:1.5',
            ),
            ...row(0, 'F13 F14 F15', 15.25),
            ...$padOn('NumLock NumpadEqual NumpadDivide NumpadMultiply', [
                ...row(2.5, 'NumpadSubtract', PAD + 3),
                ...row(3.5, 'NumpadAdd', PAD + 3),
            ]),
        ],
        'others' => [
            ...row(
                $bottom,
                $standard === 'jis'
                    ? 'ControlLeft:1.25 MetaLeft:1.25 AltLeft:1.25 NonConvert:1.25 Space:3.25 '.
                        'Convert:1.25 KanaMode:1.25 AltRight MetaRight ContextMenu ControlRight:1.25'
                    : 'ControlLeft:1.25 MetaLeft:1.25 AltLeft:1.25 Space:6.25 '.
                        'AltRight:1.25 MetaRight:1.25 ContextMenu:1.25 ControlRight:1.25',
            ),
            ...row(0, 'PrintScreen ScrollLock Pause', 15.25),
            ...$padOn('NumLock NumpadDivide NumpadMultiply NumpadSubtract', row(2.5, 'NumpadAdd', PAD + 3, 2)),
        ],
        'fn' => [],
    ];
}

/**
 * @return array{
 *     keys: list<array<string, mixed>>,
 *     macos: list<array<string, mixed>>,
 *     others: list<array<string, mixed>>,
 *     fn: array<string, string>,
 * }
 */
function compactDesk(string $standard): array
{
    $jis = $standard === 'jis';

    return [
        'keys' => [
            ...row(0, 'Escape F1 F2 F3 F4 F5 F6 F7 F8 F9 F10 F11 F12'),
            ...row(0, 'Delete', 15),
            ...writingRows($standard, 1, 1.75),
            ...row(1, 'Home', 15),
            ...row(2, 'PageUp', 15),
            ...row(3, 'PageDown', 15),
            ...row(4, 'ArrowUp End', 14),
            ...row(5, 'ArrowLeft ArrowDown ArrowRight', 13),
        ],
        'macos' => [
            ...row(
                5,
                $jis
                    ? 'ControlLeft:1.25 AltLeft:1.25 MetaLeft:1.25 Lang2 Space:4.25 Lang1 MetaRight AltRight ControlRight'
                    : 'ControlLeft:1.25 AltLeft:1.25 MetaLeft:1.25 Space:6.25 MetaRight AltRight ControlRight',
            ),
            ...row(0, 'F13 F14', 13),
        ],
        'others' => [
            ...row(
                5,
                $jis
                    ? 'ControlLeft:1.25 MetaLeft:1.25 AltLeft:1.25 NonConvert Space:4.25 Convert KanaMode AltRight ControlRight'
                    : 'ControlLeft:1.25 MetaLeft:1.25 AltLeft:1.25 Space:6.25 AltRight ContextMenu ControlRight',
            ),
            ...row(0, 'PrintScreen Insert', 13),
        ],
        'fn' => [],
    ];
}

/**
 * @return array{
 *     keys: list<array<string, mixed>>,
 *     macos: list<array<string, mixed>>,
 *     others: list<array<string, mixed>>,
 *     fn: array<string, string>,
 * }
 */
function laptop(string $standard): array
{
    $jis = $standard === 'jis';
    $bottom = 4.6;

    return [
        'keys' => [
            ...writingRows($standard, 0.6, 2.75),
            ...row($bottom, 'ArrowLeft', 12.0, 1),
            ...row($bottom, 'ArrowUp', 13.0, 0.5),
            ...row($bottom + 0.5, 'ArrowDown', 13.0, 0.5),
            ...row($bottom, 'ArrowRight', 14.0, 1),
        ],
        'macos' => [
            ...row(
                0,
                'Escape:1.5 F1:1.125 F2:1.125 F3:1.125 F4:1.125 F5:1.125 F6:1.125 F7:1.125 F8:1.125 F9:1.125 F10:1.125 F11:1.125 F12:1.125',
                0,
                0.6,
            ),
            ...row(
                $bottom,
                $jis
                    ? 'Fn ControlLeft AltLeft MetaLeft:1.25 Lang2 Space:3.5 Lang1 MetaRight:1.25 AltRight'
                    : 'Fn ControlLeft AltLeft MetaLeft:1.25 Space:5.5 MetaRight:1.25 AltRight',
            ),
        ],
        'others' => [
            ...row(0, 'Escape F1 F2 F3 F4 F5 F6 F7 F8 F9 F10 F11 F12 PrintScreen Delete', 0, 0.6),
            ...row(
                $bottom,
                $jis
                    ? 'ControlLeft Fn MetaLeft AltLeft NonConvert Space:3 Convert KanaMode AltRight ControlRight'
                    : 'ControlLeft Fn MetaLeft AltLeft:1.25 Space:5.5 AltRight:1.25 ControlRight',
            ),
        ],
        'fn' => ['Home' => 'ArrowLeft', 'End' => 'ArrowRight', 'PageUp' => 'ArrowUp', 'PageDown' => 'ArrowDown', 'Delete' => 'Backspace'],
    ];
}

$standards = ['ansi' => 'ANSI', 'iso' => 'ISO', 'jis' => 'JIS'];
$sizes = [
    'full' => ['Full size', static fn (string $standard): array => desk($standard, true)],
    'no-pad' => ['Without number pad', static fn (string $standard): array => desk($standard, false)],
    'compact' => ['Compact', compactDesk(...)],
    'laptop' => ['Laptop', laptop(...)],
];
foreach ($sizes as $size => [$name, $make]) {
    foreach ($standards as $standard => $title) {
        $lines = [];
        foreach ($make($standard) as $part => $value) {
            $lines[] =
                $part === 'fn'
                    ? '  "fn": '.json_encode((object) $value)
                    : "  \"{$part}\": [\n    ".
                        implode(",\n    ", array_map(static fn (array $key): string => (string) json_encode($key), $value)).
                        "\n  ]";
        }
        file_put_contents(
            ($argv[1] ?? dirname(__DIR__).'/boards')."/{$size}-{$standard}.json",
            "{\n  \"id\": \"{$size}-{$standard}\",\n  \"name\": \"{$name}, {$title}\",\n".implode(",\n", $lines)."\n}\n",
        );
    }
}
