<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\InvalidBoardData;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Tests\World;

/**
 * Left edge and width in key pitches of the keys of one row of one geometry of xkeyboard-config, whose shapes are 1 mm apart on a 19 mm
 * grid.
 *
 * @return array<string, array{left: float, width: float}>
 */
function rowOfGeometry(string $geometryName, string $firstKey): array
{
    $geometry = (string) file_get_contents('/usr/share/X11/xkb/geometry/pc');
    $geometry = substr($geometry, (int) strpos($geometry, "xkb_geometry \"{$geometryName}\""));
    preg_match_all('/shape "(\w+)"\s*\{\s*\{\s*\[\s*(\d+),/', $geometry, $shapes);
    $widths = array_combine(array_reverse($shapes[1]), array_reverse($shapes[2]));
    $row = preg_match('/keys\s*\{([^;]*<'.$firstKey.'>[^;]*)\};/', $geometry, $found) === 1 ? $found[1] : '';
    preg_match_all('/\{\s*<(\w+)>([^}]*)\}|<(\w+)>/', $row, $keys, PREG_SET_ORDER);
    $left = -1.0;
    $indexes = [];
    foreach ($keys as $key) {
        $options = $key[2] ?? '';
        $gap = preg_match('/,\s*(\d+)/', $options, $number) === 1 ? (float) $number[1] : 1.0;
        $width = (float) $widths[preg_match('/"(\w{4}|KP0)"/', $options, $shape) === 1 && isset($widths[$shape[1]]) ? $shape[1] : 'NORM'];
        $left += $gap;
        $indexes[$key[1] ?: $key[3]] = ['left' => $left / 19, 'width' => ($width + 1) / 19];
        $left += $width;
    }

    return $indexes;
}

test('keys of the writing rows sit where the geometry of xkeyboard-config puts them', function (
    string $board,
    string $geometry,
    string $first,
    array $keys,
) {
    // Source: geometries "pc104" and "pc105" of xkeyboard-config (Debian xkb-data); they round widths to whole mm,
    // and "pc105" draws its left Shift 2 mm wide of a quarter pitch, hence the tolerance.
    $row = rowOfGeometry($geometry, $first);
    expect($row)->not->toBeEmpty();
    foreach ($keys as $name => $code) {
        $index = World::board($board)->position(Key::from($code));
        expect($index?->left / Board::PITCH)
            ->toEqualWithDelta($row[$name]['left'], 0.125, "{$code} left")
            ->and($index?->width / Board::PITCH)
            ->toEqualWithDelta($row[$name]['width'], 0.125, "{$code} width");
    }
})->with([
    ['full-ansi', 'pc104', 'TLDE', ['TLDE' => 'Backquote', 'AE01' => 'Digit1', 'AE12' => 'Equal', 'BKSP' => 'Backspace']],
    ['full-ansi', 'pc104', 'TAB', ['TAB' => 'Tab', 'AD01' => 'KeyQ', 'AD12' => 'BracketRight', 'BKSL' => 'Backslash']],
    ['full-ansi', 'pc104', 'CAPS', ['CAPS' => 'CapsLock', 'AC01' => 'KeyA', 'AC11' => 'Quote', 'RTRN' => 'Enter']],
    ['full-ansi', 'pc104', 'LFSH', ['LFSH' => 'ShiftLeft', 'AB01' => 'KeyZ', 'AB10' => 'Slash', 'RTSH' => 'ShiftRight']],
    ['no-pad-iso', 'pc105', 'CAPS', ['CAPS' => 'CapsLock', 'AC01' => 'KeyA', 'AC11' => 'Quote', 'BKSL' => 'Backslash']],
    [
        'full-iso',
        'pc105',
        'LFSH',
        ['LFSH' => 'ShiftLeft', 'LSGT' => 'IntlBackslash', 'AB01' => 'KeyZ', 'AB10' => 'Slash', 'RTSH' => 'ShiftRight'],
    ],
    ['laptop-iso', 'pc105', 'TAB', ['TAB' => 'Tab', 'AD01' => 'KeyQ', 'AD12' => 'BracketRight']],
]);

test('no key of any board lies over another, and all stand on the board', function (string $id, System $system) {
    $board = World::board($id, $system);
    $keys = $board->keys();
    foreach ($keys as $index => $one) {
        expect($one->left)
            ->toBeGreaterThanOrEqual(0.0)
            ->and($one->left + $one->width)
            ->toBeLessThanOrEqual($board->size()['width'] + 0.01);
        foreach (array_slice($keys, $index + 1) as $other) {
            // An L-shaped key lacks the left of its lower half, where a neighbour stands.
            $notch = $one->notch > 0 && $other->top > $one->top ? $one->notch : 0.0;
            $apart =
                $one->left + $one->width <= $other->left + 0.01 ||
                $other->left + $other->width <= $one->left + $notch + 0.01 ||
                $one->top + $one->height <= $other->top + 0.01 ||
                $other->top + $other->height <= $one->top + 0.01;
            expect($apart)->toBeTrue("{$one->key->value} and {$other->key->value}");
        }
    }
})
    ->with(World::boardIds(...))
    ->with([System::MacOs, System::Windows]);

test('a board has the keys of its size and standard', function (string $id, int $count, array $has, array $lacks) {
    $board = World::board($id, System::Windows);
    expect($board->keys())->toHaveCount($count);
    foreach ($has as $code) {
        expect($board->has(Key::from($code)))->toBeTrue($code);
    }
    foreach ($lacks as $code) {
        expect($board->has(Key::from($code)))->toBeFalse($code);
    }
})->with([
    ['full-ansi', 104, ['Numpad7', 'Backslash'], ['IntlBackslash', 'Fn']],
    ['full-iso', 105, ['IntlBackslash', 'NumpadEnter'], ['IntlRo']],
    ['full-jis', 109, ['IntlRo', 'IntlYen', 'Convert', 'NonConvert', 'KanaMode'], ['IntlBackslash']],
    ['no-pad-iso', 88, ['Home', 'PrintScreen'], ['Numpad0', 'NumLock']],
    ['compact-ansi', 84, ['Home', 'ArrowUp'], ['Numpad0', 'ScrollLock']],
    ['laptop-iso', 80, ['Fn', 'ArrowUp'], ['Home', 'Numpad0', 'PageUp']],
]);

test('on macOS the keys beside the space bar are others', function () {
    $board = World::board('full-ansi', System::MacOs);
    expect($board->position(Key::MetaLeft)?->left)
        ->toBeGreaterThan($board->position(Key::AltLeft)?->left)
        ->and($board->has(Key::ContextMenu))
        ->toBeFalse()
        ->and($board->has(Key::NumpadEqual))
        ->toBeTrue();
});

test('there are four sizes in three standards, each under its own name', function () {
    foreach (World::boardIds() as $id) {
        expect(World::board($id)->id)->toBe($id);
    }
    expect(World::boardIds())->toHaveCount(12);
});

test('board data that cannot be used is refused with the key', function (array $change, string $says) {
    Board::fromData($change + World::json('boards/full-ansi.json'), System::Linux);
})
    ->with([
        'an unknown key' => [['keys' => [['key' => 'KeyÄ', 'x' => 0, 'y' => 0]]], '"KeyÄ" in full-ansi is not a key.'],
        'a key twice' => [
            ['keys' => [['key' => 'KeyA', 'x' => 0, 'y' => 0], ['key' => 'KeyA', 'x' => 1, 'y' => 0]]],
            'has the key KeyA twice',
        ],
        'no keys' => [['keys' => [], 'others' => []], 'has no keys'],
        'an unknown key behind Fn' => [['fn' => ['Home' => 'KeyÄ']], '"KeyÄ"'],
    ])
    ->throws(InvalidBoardData::class);

test('neighbouring keys are one pitch apart', function () {
    $board = World::board();
    expect($board->position(Key::KeyD)?->distanceTo($board->position(Key::KeyF) ?? throw new LogicException()))->toEqualWithDelta(
        19.05,
        0.001,
    );
});

test('the board files are what their tool writes', function () {
    $folder = sys_get_temp_dir().'/boards-'.bin2hex(random_bytes(6));
    mkdir($folder);
    exec(
        escapeshellarg(PHP_BINARY).' '.escapeshellarg(World::path('tools/make-boards.php')).' '.escapeshellarg($folder),
        $output,
        $code,
    );
    $written = array_map(basename(...), glob("{$folder}/*.json") ?: []);
    expect($code)->toBe(0)->and($written)->toHaveCount(12);
    foreach ($written as $file) {
        expect(file_get_contents("{$folder}/{$file}"))->toBe(World::bytes("boards/{$file}"), $file);
        unlink("{$folder}/{$file}");
    }
    rmdir($folder);
});

test('Fn gives the keys that a laptop lacks, and no key that it has', function () {
    $mac = World::seat(System::MacOs, 'laptop-iso', 'french')->board;
    $other = World::seat(System::Linux, 'laptop-iso', 'french')->board;
    expect($mac->withFn(Key::ArrowLeft))
        ->toBe(Key::Home)
        ->and($mac->withFn(Key::Backspace))
        ->toBe(Key::Delete)
        ->and($other->withFn(Key::Backspace))
        ->toBeNull()
        ->and($mac->withFn(Key::KeyS))
        ->toBeNull();
});
