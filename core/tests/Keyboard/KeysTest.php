<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Tests\World;

/**
 * Usage names of the Keyboard/Keypad page (0x07) as Debian's package usb.ids lists them.
 *
 * @return array<int, string>
 */
function usagesOfKeyboardPage(): array
{
    World::needs('usb.ids', '/usr/share/misc/usb.ids');
    $page =
        preg_match('/^HUT 07 .*?\n(.*?)^(?!\t)/ms', (string) file_get_contents('/usr/share/misc/usb.ids'), $found) === 1 ? $found[1] : '';
    preg_match_all('/^\t([0-9a-f]{3})\s+(.+)$/m', $page, $rows, PREG_SET_ORDER);

    return array_column(array_map(static fn (array $row): array => [hexdec($row[1]), $row[2]], $rows), 1, 0);
}

test('each key has the usage number that the HID Usage Tables give it', function (Key $key) {
    // Source: USB HID Usage Tables, page 0x07, as listed in Debian's usb.ids. That list misprints the numbers of keypad 6
    // to 0 (it skips 0x05E), so those five are checked against the numbers that follow keypad 5 (from memory).
    $follows = ['Numpad6' => 0x5E, 'Numpad7' => 0x5F, 'Numpad8' => 0x60, 'Numpad9' => 0x61, 'Numpad0' => 0x62];
    if (isset($follows[$key->value])) {
        expect($key->usage())->toBe($follows[$key->value]);

        return;
    }
    $words = [
        'Minus' => '- and _',
        'Equal' => '= and +',
        'BracketLeft' => '[ and {',
        'BracketRight' => '] and }',
        'Semicolon' => '; and :',
        'Quote' => '´ and "',
        'Backquote' => '` and ~',
        'Comma' => ', and <',
        'Period' => '. and >',
        'Slash' => '/ and ?',
        'Backslash' => '\\ and | (Backslash and Bar)',
        'IntlBackslash' => '\\ and | (Backslash and Bar, UK and Non-US',
        'Enter' => 'Return (Enter)',
        'Backspace' => 'Delete (Backspace)',
        'Space' => 'Space Bar',
        'CapsLock' => 'Caps Lock',
        'PageUp' => 'Page Up',
        'PageDown' => 'Page Down',
        'PrintScreen' => 'Print Screen',
        'ScrollLock' => 'Scroll Lock',
        'Delete' => 'Delete',
        'NumLock' => 'Num Lock',
        'ContextMenu' => 'Keyboard Application',
        'NumpadDivide' => 'Keypad /',
        'NumpadMultiply' => 'Keypad *',
        'NumpadSubtract' => 'Keypad -',
        'NumpadAdd' => 'Keypad +',
        'NumpadEnter' => 'Keypad Enter',
        'NumpadDecimal' => 'Keypad .',
        'NumpadEqual' => 'Keypad =',
        'NumpadComma' => 'Keypad Comma',
        'IntlRo' => 'International 1',
        'KanaMode' => 'International 2',
        'IntlYen' => 'International 3',
        'Convert' => 'International 4',
        'NonConvert' => 'International 5',
        'Lang1' => 'LANG 1',
        'Lang2' => 'LANG 2',
        'MetaLeft' => 'GUI Left',
        'MetaRight' => 'GUI Right',
    ];
    $expected =
        $words[$key->value] ??
        preg_replace(
            ['/^Key(.)$/', '/^Digit(.)$/', '/^Numpad(\d)$/', '/^Arrow(.+)$/', '/^(Control|Shift|Alt)(Left|Right)$/'],
            ['$1', '$1 and', 'Keypad $1', '$1 Arrow', '$1 '],
            $key->value,
        );
    expect(usagesOfKeyboardPage()[$key->usage()] ?? '(none)')->toStartWith((string) $expected);
})->with(array_filter(Key::cases(), static fn (Key $key): bool => $key !== Key::Fn));

test('Fn, which keyboards handle inside and never report, has no usage number', function () {
    expect(Key::Fn->usage())->toBeNull()->and(Key::Fn->isOnlyHeld())->toBeTrue();
});

test('no two keys share a usage number', function () {
    $usages = array_filter(array_map(static fn (Key $key): ?int => $key->usage(), Key::cases()));
    expect(array_unique($usages))->toHaveCount(count($usages));
});
