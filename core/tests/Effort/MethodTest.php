<?php

declare(strict_types=1);

use Zebrafinch\Core\Effort\ImplausibleSpeed;
use Zebrafinch\Core\Effort\Method;
use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;

// Card, Moran, Newell: The keystroke-level model for user performance time with interactive systems, CACM 23(7), 1980. Operator
// values, typists and the worked example (replacing a word of five letters in two editors) are from memory.

test('the operators take what the paper says', function (string $operators, float $seconds) {
    expect(Method::written($operators)->seconds(TypingSpeed::ofClass(TypingClass::Average)))->toEqualWithDelta($seconds, 1e-9);
})->with([['P', 1.1], ['H', 0.4], ['M', 1.35], ['K', 0.2], ['', 0.0]]);

test('typists are as fast as in the paper', function () {
    expect(array_map(static fn (TypingClass $one): float => $one->seconds(), TypingClass::cases()))->toBe([
        0.08,
        0.12,
        0.2,
        0.28,
        0.5,
        0.75,
        1.2,
    ]);
});

test('the worked example: a display editor takes 6.2 s to replace a word, a line editor 8.4 s', function () {
    $typist = TypingSpeed::ofClass(TypingClass::Average);
    $display = Method::written('H P K H M K 5K M K');
    $line = Method::written('M K M K 5K M K 5K M K K');
    expect($display->seconds($typist))
        ->toEqualWithDelta(6.2, 1e-9)
        ->and($display->inOperators())
        ->toBe('2M 2H P 8K')
        ->and($line->seconds($typist))
        ->toEqualWithDelta(8.4, 1e-9)
        ->and($line->inOperators())
        ->toBe('4M 15K');
});

test('what is no operator is refused', function () {
    Method::written('M Q');
})->throws(InvalidArgumentException::class, '"Q" is no operator');

test('a typing test gives the seconds of a keystroke, and one that is none is refused', function () {
    expect(TypingSpeed::measured(300, 60)->seconds)
        ->toBe(0.2)
        ->and(static fn () => TypingSpeed::measured(TypingSpeed::FEWEST_KEYSTROKES - 1, 60))
        ->toThrow(ImplausibleSpeed::class, '59 keystrokes tell no speed')
        ->and(static fn () => TypingSpeed::measured(9_000, 60))
        ->toThrow(ImplausibleSpeed::class, 'are no typing')
        ->and(static fn () => TypingSpeed::measured(60, 600))
        ->toThrow(ImplausibleSpeed::class, '10.00 seconds a keystroke');
});
