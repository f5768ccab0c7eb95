<?php

declare(strict_types=1);

use Zebrafinch\Core\Dialect\Spelling\ChordSpelling;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\UnreadableChord;

const WORDS = ['words' => ['Ctrl' => 'Primary', 'Shift' => 'Shift', 'Alt' => 'Alt']];

const LETTERS = ['words' => ['c' => 'Primary', 's' => 'Shift', 'a' => 'Alt']];

test('what is spelled is read as the same chord, in every way of spelling', function (array $data, string $chord, string $spelled) {
    $spelling = ChordSpelling::fromData($data);
    expect($spelling->print(Chord::parse($chord)))
        ->toBe($spelled)
        ->and($spelling->parse($spelled)->id())
        ->toBe(Chord::parse($chord)->id());
})->with([
    'words with a sign between' => [['modifiers' => WORDS], 'Primary+Shift+KeyB', 'Ctrl+Shift+B'],
    'the sign as the key' => [['modifiers' => WORDS, 'keys' => ['words' => ['+' => 'NumpadAdd']]], 'Primary+NumpadAdd', 'Ctrl++'],
    'the sign with blanks around' => [['modifiers' => WORDS, 'between' => ' + '], 'Primary+Alt+F5', 'Ctrl + Alt + F5'],
    'another sign before the key' => [['modifiers' => WORDS, 'before_key' => ' '], 'Primary+Shift+KeyB', 'Ctrl+Shift B'],
    'letters before a colon' => [
        ['modifiers' => LETTERS, 'between' => '', 'before_key' => ':', 'keys' => ['case' => 'lower']],
        'Primary+Shift+KeyS',
        'cs:s',
    ],
    'letters right before the key' => [
        ['modifiers' => LETTERS, 'between' => '', 'before_key' => '', 'keys' => ['case' => 'lower']],
        'Primary+Home',
        'chome',
    ],
    'signs around the whole' => [['modifiers' => WORDS, 'around' => ['<', '>']], 'Primary+KeyB', '<Ctrl+B>'],
    'keys by number' => [['modifiers' => WORDS, 'keys' => ['by' => 'number']], 'Primary+KeyS', 'Ctrl+22'],
]);

test('a letter alone is a key, though it is a modifier before others', function () {
    $spelling = ChordSpelling::fromData(['modifiers' => LETTERS, 'between' => '', 'before_key' => '', 'keys' => ['case' => 'lower']]);
    expect($spelling->parse('c')->id())
        ->toBe('KeyC')
        ->and($spelling->parse('cs')->id())
        ->toBe('Primary+KeyS');
});

test('modifiers that stand apart are read as words, letters or a sum', function (
    array $modifiers,
    string $between,
    string $held,
    string $chord,
) {
    $spelling = ChordSpelling::fromData(['modifiers' => $modifiers, 'between' => $between]);
    expect($spelling->parseApart($held, 'B')->id())->toBe(Chord::parse($chord)->id());
})->with([
    'none' => [WORDS, '+', '', 'KeyB'],
    'words' => [WORDS, '+', 'Ctrl+Alt', 'Primary+Alt+KeyB'],
    'letters' => [LETTERS, '', 'sc', 'Primary+Shift+KeyB'],
    'a sum' => [['bits' => ['1' => 'Shift', '2' => 'Primary', '4' => 'Alt']], '+', '6', 'Primary+Alt+KeyB'],
    'a sum to base 16' => [['bits' => ['1' => 'Shift', '2' => 'Primary', '4' => 'Alt']], '+', '0x03', 'Primary+Shift+KeyB'],
]);

test('a word that means nothing is named, a modifier named twice is refused, and so is a part of a sum', function (
    Closure $read,
    string $says,
) {
    expect($read)->toThrow(UnreadableChord::class, $says);
})->with([
    'an unknown word' => [fn () => ChordSpelling::fromData(['modifiers' => WORDS])->parse('Knurl+B'), '"Knurl" is not one of'],
    'twice' => [fn () => ChordSpelling::fromData(['modifiers' => WORDS])->parse('Ctrl+Ctrl+B'), 'names Ctrl twice'],
    'a bit of nothing' => [
        fn () => ChordSpelling::fromData(['modifiers' => ['bits' => ['1' => 'Shift']]])->parseApart('9', 'B'),
        '8 of it stands for no modifier',
    ],
    'no number' => [fn () => ChordSpelling::fromData(['modifiers' => ['bits' => ['1' => 'Shift']]])->parseApart('x', 'B'), 'not a number'],
    'not in its signs' => [
        fn () => ChordSpelling::fromData(['modifiers' => WORDS, 'around' => ['<', '>']])->parse('Ctrl+B'),
        'does not stand in',
    ],
]);

test('a key that the file has no word for is not written, and the reason names it', function () {
    $spelling = ChordSpelling::fromData(['modifiers' => WORDS, 'keys' => ['rest' => 'plain', 'words' => ['PgUp' => 'PageUp']]]);
    expect($spelling->print(Chord::of(Key::PageUp)))
        ->toBe('PgUp')
        ->and($spelling->print(Chord::of(Key::F5)))
        ->toBe('F5')
        ->and(fn () => $spelling->print(Chord::of(Key::ContextMenu)))
        ->toThrow(UnreadableChord::class, 'ContextMenu');
});
