<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Tests\World;

/**
 * Left edge and width in key pitches of the keys of one row of the pc104 geometry, whose shapes are 1 mm apart on a 19 mm grid.
 *
 * @return array<string, array{left: float, width: float}>
 */
function rowOfPc104(string $firstKey): array
{
    $geometry = (string) file_get_contents('/usr/share/X11/xkb/geometry/pc');
    $geometry = substr($geometry, (int) strpos($geometry, 'xkb_geometry "pc104"'));
    preg_match_all('/shape "(\w+)"\s*\{\s*\{\s*\[\s*(\d+),/', $geometry, $shapes);
    $widths = array_combine(array_reverse($shapes[1]), array_reverse($shapes[2]));
    $row = preg_match('/keys\s*\{([^;]*<'.$firstKey.'>[^;]*)\};/', $geometry, $found) === 1 ? $found[1] : '';
    preg_match_all('/\{\s*<(\w+)>([^}]*)\}|<(\w+)>/', $row, $keys, PREG_SET_ORDER);
    $left = -1.0;
    $places = [];
    foreach ($keys as $key) {
        $options = $key[2] ?? '';
        $gap = preg_match('/,\s*(\d+)/', $options, $number) === 1 ? (float) $number[1] : 1.0;
        $width = (float) $widths[preg_match('/"(\w{4}|KP0)"/', $options, $shape) === 1 && isset($widths[$shape[1]]) ? $shape[1] : 'NORM'];
        $left += $gap;
        $places[$key[1] ?: $key[3]] = ['left' => $left / 19, 'width' => ($width + 1) / 19];
        $left += $width;
    }

    return $places;
}

test('keys of the writing rows sit where the geometry of xkeyboard-config puts them', function (string $first, array $keys) {
    // Source: geometry "pc104" of xkeyboard-config (Debian xkb-data); it rounds widths to whole mm, hence the tolerance.
    $row = rowOfPc104($first);
    expect($row)->not->toBeEmpty();
    foreach ($keys as $name => $code) {
        $place = World::board()->place(Key::from($code));
        expect($place?->left / Board::PITCH)->toEqualWithDelta($row[$name]['left'], 0.08, "{$code} left")
            ->and($place?->width / Board::PITCH)->toEqualWithDelta($row[$name]['width'], 0.08, "{$code} width");
    }
})->with([
    ['TLDE', ['TLDE' => 'Backquote', 'AE01' => 'Digit1', 'AE12' => 'Equal', 'BKSP' => 'Backspace']],
    ['TAB', ['TAB' => 'Tab', 'AD01' => 'KeyQ', 'AD12' => 'BracketRight', 'BKSL' => 'Backslash']],
    ['CAPS', ['CAPS' => 'CapsLock', 'AC01' => 'KeyA', 'AC11' => 'Quote', 'RTRN' => 'Enter']],
    ['LFSH', ['LFSH' => 'ShiftLeft', 'AB01' => 'KeyZ', 'AB10' => 'Slash', 'RTSH' => 'ShiftRight']],
]);

test('a full-size ANSI board has 104 keys, none of which lies over another', function () {
    $keys = World::board()->keys();
    expect($keys)->toHaveCount(104);
    foreach ($keys as $index => $one) {
        foreach (array_slice($keys, $index + 1) as $other) {
            $apart = $one->left + $one->width <= $other->left + 0.01 || $other->left + $other->width <= $one->left + 0.01
                || $one->top + $one->height <= $other->top + 0.01 || $other->top + $other->height <= $one->top + 0.01;
            expect($apart)->toBeTrue("{$one->key->value} and {$other->key->value}");
        }
    }
});

test('neighbouring keys are one pitch apart', function () {
    $board = World::board();
    expect($board->place(Key::KeyD)?->distanceTo($board->place(Key::KeyF) ?? throw new LogicException))->toEqualWithDelta(19.05, 0.001);
});
