<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Preset\Release;
use Zebrafinch\Core\Preset\UnreadablePreset;
use Zebrafinch\Core\Tests\World;

test('a release reads back from its own JSON, digest and all', function () {
    $release = Release::of([
        'faderloft' => World::bindings("tracks KeyV divide-at-cursor\ntracks KeyV knife hold"),
        'cutloom' => World::bindings("timeline 'é' lift"),
    ]);
    $again = Release::fromJson(json_encode($release->toData(), JSON_THROW_ON_ERROR));
    expect($again->digest())
        ->toBe($release->digest())
        ->and($again->keymaps['faderloft']->all()[1]->gesture->value)
        ->toBe('hold');
});

test('what is not a preset is refused with the place', function (string $text, string $says, ?string $where) {
    try {
        Release::fromJson($text);
        $this->fail('It was read.');
    } catch (UnreadablePreset|UnreadableChord $error) {
        expect($error->getMessage())->toContain($says)->and($error->where)->toBe($where);
    }
})->with([
    'no JSON' => ['{', 'not JSON', null],
    'another format' => ['{"format": "x/1"}', 'format', null],
    'no keymaps' => ['{"format": "zebrafinch-preset/1"}', 'keymaps', 'keymaps'],
    'a binding without a command' => [
        '{"format": "zebrafinch-preset/1", "keymaps": {"cutloom": [{"chord": "KeyK", "context": "bin"}]}}',
        'command',
        'keymaps/cutloom/0/command',
    ],
    'another gesture' => [
        '{"format": "zebrafinch-preset/1", "keymaps": {"cutloom": '.
            '[{"chord": "KeyK", "command": "stop", "context": "bin", "gesture": "double"}]}}',
        'tap or hold',
        'keymaps/cutloom/0/gesture',
    ],
    'an unreadable chord' => [
        '{"format": "zebrafinch-preset/1", "keymaps": {"cutloom": [{"chord": "Hyper+KeyK", "command": "stop", "context": "bin"}]}}',
        'Hyper',
        'character 1',
    ],
]);
