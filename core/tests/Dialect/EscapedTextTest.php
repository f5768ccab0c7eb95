<?php

declare(strict_types=1);

use Zebrafinch\Core\Dialect\EscapedText;

test('each character that is said is found where it is written', function (string $written, string $said) {
    $offsets = EscapedText::offsets($written, $said);
    expect($offsets)->not->toBeNull()->and($offsets)->toHaveCount(strlen($said) + 1);
    // What stands between two offsets says what stands between them in the text, escapes and all.
    $tail = substr($written, $offsets[strlen($said)]);
    expect(in_array($tail, ['', '"', "'"], true))->toBeTrue();
    for ($at = 1; $at < strlen($said); $at++) {
        expect($offsets[$at])->toBeGreaterThanOrEqual($offsets[$at - 1]);
    }
})->with([
    'plain' => ['Ctrl+B', 'Ctrl+B'],
    'in quotes' => ['"Ctrl+B"', 'Ctrl+B'],
    'an escaped backslash' => ['"Ctrl+\\\\, F5"', 'Ctrl+\\, F5'],
    'an escaped quote' => ['"Ctrl+\\", F5"', 'Ctrl+", F5'],
    'a code' => ['"\\u00e9, F5"', 'é, F5'],
    'two codes for one character' => ['"\\ud83c\\udfac, F5"', '🎬, F5'],
    'a doubled quote' => ['"Ctrl+"", F5"', 'Ctrl+", F5'],
    'an entity' => ['Ctrl+&lt;, F5', 'Ctrl+<, F5'],
    'an entity by number' => ['Ctrl+&#60;, F5', 'Ctrl+<, F5'],
]);

test('where what is written says something else, nothing is guessed', function () {
    expect(EscapedText::offsets('"Ctrl+B"', 'Ctrl+C'))->toBeNull();
});
