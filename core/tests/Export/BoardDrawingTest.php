<?php

declare(strict_types=1);

use Zebrafinch\Core\Export\BoardDrawing;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Tests\World;

function drawing(string $application, string $focus, Modifier ...$held): BoardDrawing
{
    $keymap = World::factory(World::application($application));

    return new BoardDrawing($keymap, $keymap->application->contexts->get($focus), Modifiers::of(...$held));
}

test('a board is drawn in true millimetres: neighbouring keys stand one pitch apart', function () {
    $svg = simplexml_load_string(drawing('cutloom', 'timeline')->svg());
    assert($svg !== false);
    [$width, $height] = drawing('cutloom', 'timeline')->size();
    expect((string) $svg['width'])
        ->toBe("{$width}mm")
        ->and((string) $svg['viewBox'])
        ->toBe("0 0 {$width} {$height}");
    $left = [];
    foreach ($svg->g as $key) {
        $left[(string) $key->text[0]] ??= (float) $key->rect['x'];
    }
    // ISO/IEC 9995-1 grid; common practice for the pitch of 19.05 mm.
    expect($left['S'] - $left['A'])->toEqualWithDelta(19.05, 0.01);
});

test('every name stands on its key whole, no word broken, inside the key', function (string $application, string $focus) {
    $svg = simplexml_load_string(drawing($application, $focus)->svg());
    assert($svg !== false);
    $keymap = World::factory(World::application($application));
    $words = [];
    foreach ($keymap->application->commands() as $command) {
        foreach (explode(' ', $command->name) as $word) {
            $words[$word] = true;
        }
    }
    foreach ($svg->g as $key) {
        $bottom = (float) $key->rect['y'] + (float) $key->rect['height'];
        $right = (float) $key->rect['x'] + (float) $key->rect['width'];
        $number = 0;
        foreach ($key->text as $line) {
            if ($number++ === 0) {
                continue;
            }
            expect((float) $line['y'])->toBeLessThanOrEqual($bottom);
            expect((float) $line['x'] + mb_strlen((string) $line) * (float) $line['font-size'] * 0.53)->toBeLessThanOrEqual($right + 0.5);
            foreach (explode(' ', (string) $line) as $word) {
                expect(isset($words[$word]) || $word === 'hold:')->toBeTrue($word);
            }
        }
    }
})->with([['cutloom', 'timeline'], ['cutloom', 'trim'], ['boardwick', 'easel'], ['faderloft', 'clip'], ['gradewell', 'nodes']]);
