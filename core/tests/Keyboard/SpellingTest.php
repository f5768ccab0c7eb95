<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Tests\World;

/** @return list<Key> every key of every board, once */
function keysOfAllBoards(System $system): array
{
    $keys = [];
    foreach (World::boardIds() as $id) {
        foreach (World::board($id, $system)->keys() as $placed) {
            $keys[$placed->key->value] = $placed->key;
        }
    }

    return array_values(array_filter($keys, static fn (Key $key): bool => ! $key->isOnlyHeld()));
}

test('every spelling of every key of every board reads back as the same press', function (string $layout, System $system) {
    $seat = World::seat($system, 'full-ansi', $layout);
    $printer = $seat->printer();
    $reader = $seat->reader();
    foreach (keysOfAllBoards($system) as $key) {
        foreach (
            [[], [Modifier::Shift], [Modifier::Primary, Modifier::Shift], [Modifier::Control, Modifier::Alt, Modifier::Meta]] as $held
        ) {
            $chord = Chord::of($key, ...$held);
            foreach (
                [
                    'label' => $printer->label($chord),
                    'in a sentence' => $printer->inSentence($chord),
                    'spoken' => $printer->spoken($chord),
                    'aria' => $printer->aria($chord),
                    'written' => $chord->id(),
                ] as $form => $text
            ) {
                // In aria-keyshortcuts two keys that type the same are one; the first of them is read.
                $isSecond = $form === 'aria' && str_contains($printer->label($chord), '(');
                expect($isSecond || $reader->read($text)->on($system)->equals($chord->on($system)))->toBeTrue(
                    "{$form} {$text} of {$chord->id()}",
                );
            }
        }
    }
})
    ->with(World::layoutIds(...))
    ->with([System::MacOs, System::Windows, System::Linux]);

test('a chord by character is spelled and read back', function (System $system) {
    $seat = World::seat($system, 'full-iso', 'german');
    foreach (["'<'", "Primary+'+'", "Alt+'é'"] as $text) {
        $chord = Chord::parse($text);
        expect(
            $seat
                ->reader()
                ->read($seat->printer()->label($chord))
                ->id(),
        )->toBe($chord->id());
    }
    expect(
        $seat
            ->reader()
            ->read($seat->printer()->spoken(Chord::parse("Alt+'é'")))
            ->id(),
    )->toBe("Alt+'é'");
})->with(System::cases());

test('people write chords in many ways', function (System $system, string $text, string $chord) {
    expect(World::seat($system)->reader()->read($text)->id())->toBe($chord);
})->with([
    [System::MacOs, '⇧⌘S', 'Primary+Shift+KeyS'],
    [System::MacOs, 'cmd shift s', 'Primary+Shift+KeyS'],
    [System::MacOs, 'ctrl+s', 'Control+KeyS'],
    [System::MacOs, '⌘ + S', 'Primary+KeyS'],
    [System::Windows, 'Ctrl + Shift + S', 'Primary+Shift+KeyS'],
    [System::Windows, 'CTRL+page up', 'Primary+PageUp'],
    [System::Windows, 'Control+Alt+Delete', 'Primary+Alt+Delete'],
    [System::Linux, 'alt comma', 'Alt+Comma'],
    [System::Linux, 'Ctrl+Pad +', 'Primary+NumpadAdd'],
    [System::Linux, 'pad 7', 'Numpad7'],
    [System::Linux, "ctrl+'<'", "Primary+'<'"],
    [System::Linux, 'KeyS', 'KeyS'],
    [System::Linux, 's', 'KeyS'],
]);

test('text that is no chord is refused at the place where it stops being one', function (
    string $layout,
    string $text,
    ?string $where,
    string $says,
) {
    try {
        World::seat(System::Windows, 'full-iso', $layout)->reader()->read($text);
        $this->fail('It was read.');
    } catch (UnreadableChord $error) {
        expect($error->where)->toBe($where)->and($error->getMessage())->toContain($says);
    }
})->with([
    'no key' => ['us', 'Ctrl+Wobble', 'character 6', '"Wobble"'],
    'a modifier twice' => ['us', 'Ctrl+Shift+Ctrl+S', 'character 12', 'twice'],
    'a shifted character' => ['us', 'Ctrl+?', 'character 6', 'it is typed with Shift slash'],
    'a character that needs AltGr' => ['german', 'Ctrl+@', 'character 6', 'it is typed with Ctrl+Alt+Q'],
    'nothing' => ['us', '   ', 'character 1', 'not a key'],
    'only a modifier' => ['us', 'Ctrl', 'character 1', 'not a key'],
]);

test('no two keys of a layout have the same name, and a text that could be two keys names both', function () {
    foreach (World::layoutIds() as $layout) {
        $names = array_map(
            World::seat(System::Linux, 'full-iso', $layout)->printer()->names()->of(...),
            array_filter(Key::cases(), static fn (Key $key): bool => ! $key->isOnlyHeld()),
        );
        expect(array_unique($names))->toHaveCount(count($names), $layout);
    }
    $reader = World::seat(System::Linux, 'full-jis', 'japanese')->reader();
    expect($reader->read('backslash')->id())
        ->toBe('IntlRo')
        ->and($reader->read('Backslash')->id())
        ->toBe('Backslash')
        ->and(fn () => $reader->read('BACKSLASH'))
        ->toThrow(UnreadableChord::class, 'can be more than one key: ] or \\');
});

test('a keycap shows the capital that the layout has for its letter, and else what it types', function (
    string $layout,
    Key $key,
    string $legend,
) {
    expect(World::layout($layout)->legend($key))->toBe($legend);
})->with([
    ['us', Key::KeyQ, 'Q'],
    ['german', Key::Minus, 'ß'],
    ['french', Key::Digit2, 'é'],
    ['french', Key::KeyQ, 'A'],
    ['turkish-q', Key::KeyI, 'I'],
    ['turkish-q', Key::Quote, 'İ'],
    ['hebrew', Key::KeyA, 'ש'],
    ['russian', Key::KeyA, 'Ф'],
    ['swedish', Key::Equal, '´'],
]);

test('words to search for are told from chords', function (string $text, bool $isChord) {
    expect(World::seat()->reader()->looksLikeChord($text))->toBe($isChord);
})->with([
    ['⌘S', true],
    ['ctrl+s', true],
    ['shift delete', true],
    ['m', true],
    ['F6', true],
    ["'<'", true],
    ['split', false],
    ['fade out', false],
    ['', false],
    ['control', false],
]);
