<?php

declare(strict_types=1);

use Zebrafinch\Core\Text\Csv\CsvReader;
use Zebrafinch\Core\Text\Json\JsonScanner;
use Zebrafinch\Core\Text\Json\JsonToken;
use Zebrafinch\Core\Text\Json\JsonTokenKind;
use Zebrafinch\Core\Text\MalformedText;

/** @return array<int, list<string>> decoded fields, by the line each record begins in */
function records(string $bytes): array
{
    return array_map(static fn (array $record): array => array_column($record[0], 0), iterator_to_array(CsvReader::of($bytes)));
}

// Source: RFC 4180, section 2, the examples of its rules 1, 2, 5, 6 and 7.
test('comma-separated text is split as the examples of RFC 4180 say', function (string $bytes, array $records) {
    expect(records($bytes))->toBe($records);
})->with([
    'rule 1' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", [1 => ['aaa', 'bbb', 'ccc'], 2 => ['zzz', 'yyy', 'xxx']]],
    'rule 2, no end behind the last record' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx", [1 => ['aaa', 'bbb', 'ccc'], 2 => ['zzz', 'yyy', 'xxx']]],
    'rule 5, quoted fields' => ["\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx", [1 => ['aaa', 'bbb', 'ccc'], 2 => ['zzz', 'yyy', 'xxx']]],
    'rule 6, a line end in quotes' => [
        "\"aaa\",\"b\r\nbb\",\"ccc\"\r\nzzz,yyy,xxx",
        [1 => ['aaa', "b\r\nbb", 'ccc'], 3 => ['zzz', 'yyy', 'xxx']],
    ],
    'rule 7, quotes in quotes' => ['"aaa","b""bb","ccc"', [1 => ['aaa', 'b"bb', 'ccc']]],
    'empty fields' => [",,\n\"\",x,\n", [1 => ['', '', ''], 2 => ['', 'x', '']]],
    'bare line ends' => ["a,b\nc,d\re,f", [1 => ['a', 'b'], 2 => ['c', 'd'], 3 => ['e', 'f']]],
]);

test('each field and record is where it is said to be', function () {
    $bytes = "\xEF\xBB\xBFa,\"b\"\"c\"\r\nd,e";
    foreach (CsvReader::of($bytes) as [$fields, $whole]) {
        expect(implode(',', array_map(static fn (array $field): string => $field[1]->of($bytes), $fields)))->toBe(
            rtrim($whole->of($bytes), "\r\n"),
        );
    }
});

test('text that goes on behind a closing quote is refused', function () {
    expect(fn () => records('a,"b"c'))->toThrow(MalformedText::class, 'line 1');
});

/** @return mixed what PHP's own reader would give for an object, with numbers and bare words as they are written */
function decoded(string $bytes): mixed
{
    $stack = [[]];
    $names = [null];
    foreach (JsonScanner::tokens($bytes) as $token) {
        if ($token->kind === JsonTokenKind::Object || $token->kind === JsonTokenKind::List) {
            $stack[] = [];
            $names[] = $token->name;

            continue;
        }
        $value = $token->kind === JsonTokenKind::End ? array_pop($stack) : $token->text;
        $name = $token->kind === JsonTokenKind::End ? array_pop($names) : $token->name;
        if ($name === null) {
            $stack[count($stack) - 1][] = $value;
        } else {
            $stack[count($stack) - 1][$name] = $value;
        }
    }

    return $stack[0][0];
}

// Source: RFC 8259, section 13, its first example.
test('the example of RFC 8259 is read, and each member is where it is said to be', function () {
    $bytes = <<<'JSON'
    {
      "Image": {
          "Width":  800,
          "Height": 600,
          "Title":  "View from 15th Floor",
          "Thumbnail": {
              "Url":    "http://www.example.com/image/481989943",
              "Height": 125,
              "Width":  100
          },
          "Animated" : false,
          "IDs": [116, 943, 234, 38793]
        }
    }
    JSON;
    expect(decoded($bytes)['Image'])
        ->toMatchArray([
            'Title' => 'View from 15th Floor',
            'Thumbnail' => ['Url' => 'http://www.example.com/image/481989943', 'Height' => '125', 'Width' => '100'],
            'IDs' => ['116', '943', '234', '38793'],
        ])
        ->and(
            array_map(
                static fn (JsonToken $one): array => [$one->name, $one->line, $one->nameAt?->of($bytes), $one->at->of($bytes)],
                array_values(
                    array_filter(
                        iterator_to_array(JsonScanner::tokens($bytes), false),
                        static fn (JsonToken $one): bool => in_array($one->name, ['Animated', 'IDs'], true),
                    ),
                ),
            ),
        )
        ->toBe([['Animated', 11, '"Animated"', 'false'], ['IDs', 12, '"IDs"', '[']]);
});

// The outside: PHP's own reader.
test('generated objects are read as PHP reads them, whatever is in their texts', function () {
    mt_srand(29);
    $text = static fn (): string => implode(
        '',
        array_map(
            static fn (): string => ['a', '"', '\\', '/', "\n", "\t", 'é', '…', '🎬', "\u{2028}", '', 'b', ' ', ':', ',', '}'][
                mt_rand(0, 15)
            ],
            range(1, mt_rand(1, 8)),
        ),
    );
    for ($round = 0; $round < 300; $round++) {
        $data = [];
        for ($at = mt_rand(0, 6); $at > 0; $at--) {
            $data['k'.$text()] = mt_rand(0, 3) === 0 ? ['n'.$text() => $text()] : $text();
        }
        $flags =
            mt_rand(0, 1) === 0
                ? 0
                : JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_UNESCAPED_LINE_TERMINATORS;
        $bytes = json_encode((object) $data, $flags | JSON_THROW_ON_ERROR);
        expect(decoded($bytes))->toBe(json_decode($bytes, true, 8, JSON_THROW_ON_ERROR));
    }
});

test('what PHP refuses as JSON is refused, and what it takes is taken', function (string $bytes) {
    $isJson = json_validate($bytes);
    $isRead = true;
    try {
        iterator_to_array(JsonScanner::tokens($bytes), false);
    } catch (MalformedText) {
        $isRead = false;
    }
    expect($isRead)->toBe($isJson);
})->with([
    '{}',
    '[]',
    'null',
    'true',
    '"x"',
    '-0',
    '1.5e+3',
    '{"a":[]}',
    ' {"a" : 1 } ',
    '{"a":1,}',
    '[1,]',
    '{a:1}',
    "{'a':1}",
    '01',
    '1.',
    '.5',
    '+1',
    '-',
    'NaN',
    '"\\x"',
    '"\\u12"',
    "\"\t\"",
    '"a',
    '{',
    '{"a"',
    '{"a":}',
    '{"a":1 "b":2}',
    '{} {}',
    'truex',
    '',
    '[1 2]',
    '{"a":1}}',
    '"\\ud83d\\ude00"',
    '"\\ud83d"',
]);
