<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\InvalidBoardData;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyLevel;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\LayoutProposal;
use Zebrafinch\Core\Keyboard\Level;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Tests\World;

/** @return array{id: string, name: string, layout: string, variant?: string, model?: string} */
function sourceOf(string $id): array
{
    return array_values(
        array_filter(World::json('boards/layouts/sources.json')['layouts'], static fn (array $one): bool => $one['id'] === $id),
    )[0];
}

test('each layout types what xkeyboard-config says, key by key and level by level', function (string $id) {
    // Source: xkeyboard-config (Debian xkb-data), compiled by `xkbcli compile-keymap`.
    World::needs('libxkbcommon-tools', 'xkbcli');
    World::needs('xkb-data', '/usr/share/X11/xkb/rules/evdev');
    require_once World::path('tools/XkbLevels.php');
    $source = sourceOf($id);
    $data = World::json("boards/layouts/{$id}.json");
    expect(['alt_gr' => $data['alt_gr'], 'keys' => $data['keys']])->toBe(
        XkbLevels::compile($source['layout'], $source['variant'] ?? '', $source['model'] ?? 'pc105'),
    );
})->with(World::layoutIds(...));

test('the third and fourth levels of a system are what its source says, and its source has the layout\'s plain keys', function (
    string $id,
) {
    World::needs('libxkbcommon-tools', 'xkbcli');
    // Sources: the mac variants of xkeyboard-config; for Windows the layouts of the npm package virtual-keyboard.
    require_once World::path('tools/ThirdLevels.php');
    $source = sourceOf($id);
    $data = World::json("boards/layouts/{$id}.json");
    expect($data['third_levels'])->toBe(ThirdLevels::of($source));
    $named = $source['windows'] ?? 'none';
    if ($named !== 'none') {
        $printed = shell_exec('node '.escapeshellarg(World::path('tools/windows-levels.mjs')).' '.escapeshellarg($named));
        $plain = json_decode((string) $printed, true, 16, JSON_THROW_ON_ERROR)[$named]['plain'];
        $otherwise = array_filter(
            $plain,
            static fn (string $typed, string $code): bool => ! in_array($typed, (array) ($data['keys'][$code][0] ?? $typed), true),
            ARRAY_FILTER_USE_BOTH,
        );
        expect(count($otherwise))->toBeLessThanOrEqual(count($plain) / 8);
    }
})->with(World::layoutIds(...));

test('on Windows a German N with Control and Alt types nothing, whatever it types on Linux', function () {
    $held = Modifiers::of(Modifier::Control, Modifier::Alt);
    expect(World::seat(System::Windows, 'full-iso', 'german')->layout->typed(Key::KeyN, $held, System::Windows))
        ->toBeNull()
        ->and(World::layout('german')->typed(Key::KeyN, Modifiers::of(Modifier::AltGraph), System::Linux))
        ->toBe('”')
        ->and(World::seat(System::Windows, 'full-iso', 'german')->layout->typed(Key::KeyQ, $held, System::Windows))
        ->toBe('@');
});

test('where a third level is not known nothing is said of it, and no alarm is raised', function () {
    $seat = World::seat(System::MacOs, 'full-iso', 'polish');
    $reach = (new ReachJudge($seat, World::reserved()))->of(Chord::parse("'ą'"));
    $keymap = new LoadedKeymap(World::workshop(), World::bindings("desk 'ą' saw"), $seat);
    expect($seat->layout->isThirdLevelKnown)
        ->toBeFalse()
        ->and($reach->kind)
        ->toBe(ReachKind::Unknown)
        ->and($reach->sentence)
        ->toBe('Where the layout Polish has ą on macOS is not known here.')
        ->and(BuiltInKinds::docket(World::reserved())->of($keymap))
        ->toBe([])
        ->and($seat->layout->typed(Key::KeyA, Modifiers::of(Modifier::Alt), System::MacOs))
        ->toBeNull();
});

test('where a character is typed is where another tool finds it', function (string $id, string $characters) {
    World::needs('libxkbcommon-tools', 'xkbcli');
    // Source: `xkbcli how-to-type`, which compiles the keymap itself and searches it; it counts levels from 1.
    $source = sourceOf($id);
    $names = [
        'TLDE' => 'Backquote',
        'AE12' => 'Equal',
        'LSGT' => 'IntlBackslash',
        'AC11' => 'Quote',
        'AC10' => 'Semicolon',
        'AB08' => 'Comma',
        'AB09' => 'Period',
        'AB10' => 'Slash',
        'BKSL' => 'Backslash',
    ];
    foreach (mb_str_split($characters) as $character) {
        $command = sprintf(
            'xkbcli how-to-type --model %s --layout %s --variant %s %d 2>/dev/null',
            escapeshellarg($source['model'] ?? 'pc105'),
            escapeshellarg($source['layout']),
            escapeshellarg($source['variant'] ?? ''),
            mb_ord($character),
        );
        preg_match_all('/^\d+\s+(\w+)\s+1\s+\S.*?\s+([1-4])\s+\[/m', (string) shell_exec($command), $found, PREG_SET_ORDER);
        $theirs = array_map(static fn (array $one): string => "{$one[1]} {$one[2]}", $found);
        $ours = array_map(
            static fn (KeyLevel $way): string => (array_search($way->key->value, $names, true) ?: $way->key->value).
                ' '.
                ($way->level->value + 1),
            World::layout($id)->ways(Character::of($character)),
        );
        expect($theirs)->not->toBe([], $character);
        foreach (array_filter($theirs, static fn (string $one): bool => isset($names[explode(' ', $one)[0]])) as $way) {
            expect($ours)->toContain($way);
        }
    }
})->with([
    ['german', '<#ß'],
    ['french', '<$ù'],
    ['swedish', "§'ö"],
    ['japanese', '^:@'],
    ['greek', "'<"],
    ['brazilian-abnt2', ';~/'],
    ['us-dvorak', "'-/"],
    ['turkish-q', '<,.'],
]);

test('levels are reached by the modifiers of the system', function (System $system, array $held, ?string $typed) {
    expect(World::layout('german', $system)->typed(Key::KeyE, Modifiers::of(...$held), $system))->toBe($typed);
})->with([
    [System::Windows, [], 'e'],
    [System::Windows, [Modifier::Shift], 'E'],
    [System::Windows, [Modifier::Control, Modifier::Alt], '€'],
    [System::Windows, [Modifier::Alt], null],
    [System::Linux, [Modifier::AltGraph], '€'],
    [System::Linux, [Modifier::Control, Modifier::Alt], null],
    [System::MacOs, [Modifier::Alt], '€'],
    [System::MacOs, [Modifier::Meta], null],
]);

test('dead keys are told from characters', function () {
    $layout = World::layout('german');
    expect($layout->symbol(Key::Equal, Level::Plain)?->isDead)
        ->toBeTrue()
        ->and($layout->symbol(Key::Equal, Level::Shift)?->character)
        ->toBe('`')
        ->and($layout->symbol(Key::KeyE, Level::AltGr)?->isDead)
        ->toBeFalse();
});

test('what a browser tells of its keys proposes the layout', function (string $id) {
    $layouts = array_map(static fn (string $id): Layout => World::layout($id), World::layoutIds());
    $told = array_intersect_key(
        World::layout($id)->plain(),
        array_flip([
            'KeyA',
            'KeyQ',
            'KeyW',
            'KeyZ',
            'KeyY',
            'KeyM',
            'Semicolon',
            'Quote',
            'BracketLeft',
            'BracketRight',
            'Minus',
            'Equal',
            'Backquote',
            'Slash',
            'Digit1',
            'Digit2',
            'Backslash',
            'IntlBackslash',
        ]),
    );
    $proposed = (new LayoutProposal($layouts))->for($told);
    expect(array_diff_assoc($told, $proposed?->plain() ?? []))->toBe([]);
})->with(World::layoutIds(...));

test('a browser that tells nothing that fits gets no proposal', function (array $told) {
    expect(
        (new LayoutProposal(array_map(static fn (string $id): Layout => World::layout($id), World::layoutIds())))->for($told),
    )->toBeNull();
})->with([[[]], [['KeyA' => 'ൿ', 'KeyB' => 'ൻ']]]);

test('layout data that cannot be used is refused with the key', function (array $keys, string $says) {
    expect(fn () => Layout::fromData(['id' => 'odd', 'name' => 'Odd', 'source' => 'a test', 'alt_gr' => false, 'keys' => $keys]))->toThrow(
        InvalidBoardData::class,
        $says,
    );
})->with([
    [['KeyÄ' => ['ä']], '"KeyÄ" in odd is not a key.'],
    [['KeyA' => ['a', 'A', 'b', 'B', 'c']], 'The key KeyA of odd has 5 levels.'],
]);
