<?php

declare(strict_types=1);

use Zebrafinch\Core\Export\KeyStickers;
use Zebrafinch\Core\Export\KeyStrip;
use Zebrafinch\Core\Export\Reminder;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Tests\World;

function reminder(string $chord, string $name = 'Lift & <extract>'): Reminder
{
    return new Reminder(Chord::parse($chord), explode('+', str_replace('Key', '', $chord)), $name, 'Cutloom, Timeline');
}

/** @return list<array{x: float, y: float, width: float, height: float}> boxes on a sheet, in mm */
function boxesOn(string $svg): array
{
    $xml = simplexml_load_string($svg);
    assert($xml !== false);
    $xml->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
    $boxes = [];
    foreach ($xml->xpath('//s:rect[@stroke]') ?: [] as $box) {
        $boxes[] = [
            'x' => (float) $box['x'],
            'y' => (float) $box['y'],
            'width' => (float) $box['width'],
            'height' => (float) $box['height'],
        ];
    }

    return $boxes;
}

test('the strip is as long as the keyboard, in pieces that fit on a side of A4 laid across', function (string $board) {
    $strip = new KeyStrip(World::board($board), [reminder('KeyS'), reminder('Shift+KeyD')]);
    $svg = $strip->svg();
    $boxes = boxesOn($svg);
    expect($svg)
        ->toContain('width="297mm" height="210mm"')
        ->and(array_sum(array_column($boxes, 'width')))
        ->toEqualWithDelta(World::board($board)->size()['width'], 0.01)
        ->and(max(array_map(static fn (array $one): float => $one['x'] + $one['width'], $boxes)))
        ->toBeLessThanOrEqual(297 - 10)
        ->and(max(array_map(static fn (array $one): float => $one['y'] + $one['height'], $boxes)))
        ->toBeLessThanOrEqual(210 - 10);
})->with(World::boardIds());

test('the strip has no more than it has room for, and says each chord with where it works', function () {
    $many = array_map(static fn (int $number): Reminder => reminder('KeyS', "Command {$number}"), range(1, 80));
    $strip = new KeyStrip(World::board(), $many);
    expect(substr_count($strip->svg(), 'Cutloom, Timeline'))->toBe($strip->capacity());
});

test('stickers are as large as the tops of their keys, one for each key, within the sheet', function () {
    $keys = ['KeyS', 'Shift+KeyS', 'Space', 'Enter', 'KeyD', 'F5', 'Tab', 'KeyQ', 'KeyW', 'KeyE', 'KeyR', 'KeyT', 'KeyY', 'KeyU'];
    $svg = (new KeyStickers(World::board(), array_map(static fn (string $one): Reminder => reminder($one), $keys)))->svg();
    $boxes = boxesOn($svg);
    expect($boxes)
        ->toHaveCount(13)
        ->and($boxes[0]['width'])
        ->toEqualWithDelta(19.05 - 6, 0.01)
        ->and(max(array_map(static fn (array $one): float => $one['x'] + $one['width'], $boxes)))
        ->toBeLessThanOrEqual(210 - 12)
        ->and($svg)
        ->toContain('width="210mm" height="297mm"')
        ->toContain('&lt;extract&gt;');
    foreach ($boxes as $index => $one) {
        foreach (array_slice($boxes, $index + 1) as $other) {
            $isApart =
                $other['x'] >= $one['x'] + $one['width'] ||
                $one['x'] >= $other['x'] + $other['width'] ||
                $other['y'] >= $one['y'] + $one['height'] ||
                $one['y'] >= $other['y'] + $other['height'];
            expect($isApart)->toBeTrue();
        }
    }
});
