<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\ChordPrinter;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Tests\World;

test('every key with every set of modifiers reads back as what was written', function () {
    foreach (Key::cases() as $key) {
        for ($bits = 0; ! $key->isOnlyHeld() && $bits < 64; $bits++) {
            $held = array_filter(Modifier::cases(), static fn (Modifier $one): bool => ($bits & $one->bit()) !== 0);
            $chord = Chord::of($key, ...$held);
            expect(Chord::parse($chord->id())->equals($chord))->toBeTrue();
        }
    }
});

test('modifiers may stand in any order and come out in one', function () {
    expect(Chord::parse('Shift+Primary+KeyS')->id())->toBe('Primary+Shift+KeyS');
});

test('text that is not a chord is refused at the part that is wrong', function (string $text, ?string $where, string $says) {
    try {
        Chord::parse($text);
        $this->fail('It was read.');
    } catch (UnreadableChord $error) {
        expect($error->where)->toBe($where)->and($error->getMessage())->toContain($says);
    }
})->with([
    'an unknown modifier' => ['Shift+Hyper+KeyS', 'character 7', '"Hyper"'],
    'a modifier twice' => ['Shift+Shift+KeyS', 'character 7', 'twice'],
    'an unknown key' => ['Primary+KeyÄ', 'character 9', 'not a key'],
    'nothing' => ['', 'character 1', 'not a key'],
    'a modifier alone' => ['ShiftLeft', null, 'only modifies'],
    'two characters' => ["Primary+'ab'", null, 'not one character'],
    'a blank as a character' => ["' '", null, 'not one character'],
    'a character with Shift' => ["Shift+'a'", null, 'names Shift'],
]);

test('a chord by character is written between apostrophes, whatever the character', function (string $text) {
    $chord = Chord::parse($text);
    expect($chord->key)->toBeInstanceOf(Character::class)->and($chord->id())->toBe($text);
})->with(["'<'", "Primary+'+'", "Primary+Alt+'é'", "Control+'''", "'🙂'"]);

test('a chord by character is pressed with whatever types it here', function (
    string $layout,
    System $system,
    string $chord,
    array $presses,
) {
    expect(
        array_map(static fn (Press $press): string => $press->id, World::seat($system, 'full-iso', $layout)->presses(Chord::parse($chord))),
    )->toBe($presses);
})->with([
    'shifted in the US' => ['us', System::Linux, "'<'", ['IntlBackslash', 'Shift+Comma']],
    'its own key in Germany' => ['german', System::Windows, "'<'", ['IntlBackslash']],
    'a digit on two keys' => ['us', System::Linux, "Primary+'7'", ['Control+Digit7', 'Control+Numpad7']],
    'AltGr on Windows' => ['german', System::Windows, "'@'", ['Control+Alt+KeyQ']],
    'AltGr on Linux' => ['german', System::Linux, "'@'", ['AltGraph+KeyQ']],
    'Option on macOS' => ['german', System::MacOs, "'@'", ['Alt+KeyL', 'Alt+Shift+Digit1']],
    'a dead key reaches nothing' => ['swedish', System::Linux, "'`'", ["?'`'"]],
]);

test('primary is command on macOS and control elsewhere', function (System $system, string $pressed) {
    expect(Chord::parse('Primary+KeyS')->on($system)->id())->toBe($pressed);
})->with([[System::MacOs, 'Meta+KeyS'], [System::Windows, 'Control+KeyS'], [System::Linux, 'Control+KeyS']]);

test('what is pressed is written so that it follows to other systems', function () {
    $control = Modifiers::of(Modifier::Control);
    expect(Chord::pressed(Key::KeyB, $control, System::Linux)->id())
        ->toBe('Primary+KeyB')
        ->and(Chord::pressed(Key::KeyB, $control, System::MacOs)->id())
        ->toBe('Control+KeyB');
});

test('a chord is printed as its system prints it', function (System $system, string $label, string $spoken) {
    $printer = World::seat($system)->printer();
    $chord = Chord::parse('Primary+Control+Alt+Shift+KeyB');
    expect($printer->label($chord))->toBe($label)->and($printer->spoken($chord))->toBe($spoken);
})->with([[System::MacOs, '⌃⌥⇧⌘B', 'Control Option Shift Command B'], [System::Windows, 'Ctrl+Alt+Shift+B', 'Ctrl Alt Shift B']]);

test('keys that type nothing and keys of the number pad have names of their own', function () {
    $printer = new ChordPrinter(World::seat()->layout, System::Linux);
    expect($printer->label(Chord::of(Key::ArrowLeft, Modifier::Shift)))
        ->toBe('Shift+Left')
        ->and($printer->label(Chord::of(Key::Numpad7)))
        ->toBe('Pad 7')
        ->and($printer->label(Chord::of(Key::Backquote)))
        ->toBe('`')
        ->and($printer->inSentence(Chord::of(Key::Comma, Modifier::Shift)))
        ->toBe('Shift comma')
        ->and($printer->spoken(Chord::of(Key::Comma)))
        ->toBe('comma');
});
