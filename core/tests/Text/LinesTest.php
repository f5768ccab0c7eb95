<?php

declare(strict_types=1);

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Listing;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextSize;

dataset('texts', [
    'empty' => '',
    'one line' => 'a',
    'an end at the end' => "a\n",
    'the three line ends' => "a\nb\r\nc\rd",
    'empty lines' => "\n\n\r\n\r\r",
    'a lone return before a line feed of another line' => "a\r\r\nb",
    'more than one byte a character' => "é\n€\r\n",
]);

test('the lines of a text, joined with their ends, are the text', function (string $text) {
    $joined = '';
    foreach (Lines::of($text) as [$line, $at, $whole]) {
        expect($at->of($text))->toBe($line)->and($whole->from)->toBe(strlen($joined));
        $joined .= $whole->of($text);
    }
    expect($joined)->toBe($text);
})->with('texts');

test('a line is the same by number, by offset and one after the other', function (string $text) {
    $seen = 0;
    foreach (Lines::of($text) as $number => [$line, $at, $whole]) {
        if ($whole->from === $whole->to) {
            continue;
        }
        $seen++;
        expect(Lines::text($text, $number))->toBe($line)->and(Lines::at($text, $whole->from))->toBe($number);
    }
    expect($seen)->toBeGreaterThan(0);
})->with(['a', "a\n", "a\nb\r\nc\rd", "\n\n\r\n", "é\n€\r\n"]);

test('ends behind the last text begin no line', function (string $text, int $lines, string $end) {
    expect(Lines::count($text))->toBe($lines)->and(Lines::end($text))->toBe($end);
})->with([['', 1, "\n"], ['a', 1, "\n"], ["a\r\n", 1, "\r\n"], ["a\rb", 2, "\r"], ["a\n\n\nb\r\n\r\n", 4, "\n"]]);

test('a line that is not there is empty', function () {
    expect(Lines::text("a\nb", 3))->toBe('')->and(Lines::text('', 7))->toBe('');
});

test('names are listed as in a sentence', function (array $names, string $and, string $or) {
    expect(Listing::and($names))->toBe($and)->and(Listing::or($names))->toBe($or);
})->with([
    [[], '', ''],
    [['Lift'], 'Lift', 'Lift'],
    [['Lift', 'Undo'], 'Lift and Undo', 'Lift or Undo'],
    [['a' => 'Lift', 'b' => 'Undo', 'c' => 'Redo'], 'Lift, Undo and Redo', 'Lift, Undo or Redo'],
]);

// Source: RFC 3629, section 6.
test('a byte order mark is no part of the text, and only at its beginning', function () {
    expect(ByteOrderMark::without("\u{FEFF}a"))
        ->toBe('a')
        ->and(ByteOrderMark::length("\u{FEFF}"))
        ->toBe(3)
        ->and(ByteOrderMark::without("a\u{FEFF}"))
        ->toBe("a\u{FEFF}")
        ->and(ByteOrderMark::length("\xEF\xBB"))
        ->toBe(0);
});

test('a size is told in megabytes, with a digit behind the point where it is not whole', function () {
    expect(TextSize::inWords())->toBe('8 MB')->and(TextSize::inWords(9_500_000))->toBe('9.5 MB');
});

test('a span is what lies between its two offsets', function () {
    expect((new Span(1, 3))->of('abcd'))->toBe('bc')->and((new Span(2, 2))->of('abcd'))->toBe('');
});
