<?php

declare(strict_types=1);

const ROOT = __DIR__.'/../..';

/** @return list<list<string>> the rows of a table of the glossary, from the one below its head */
function glossary(string $head): array
{
    $text = (string) file_get_contents(ROOT.'/docs/glossary.md');
    preg_match('/^'.preg_quote($head, '/')."\n[|-]+\n((?:\|.*\n)+)/m", $text, $table);

    $cells = static fn (string $row): array => array_map(trim(...), explode('|', trim($row, '| ')));

    return array_map($cells, explode("\n", trim($table[1])));
}

/** @return list<string> words out of use */
function outOfUse(string $scope): array
{
    $rows = array_filter(glossary('| word | where | say instead |'), static fn (array $row): bool => $row[1] === $scope);

    return array_column($rows, 0);
}

/** @return iterable<string, string> texts of files that people write, by path */
function written(string $pattern): iterable
{
    $trees = ['agent', 'app', 'bootstrap', 'config', 'core', 'database', 'docs', 'e2e', 'standins', 'tests', 'tools', 'web'];
    foreach ($trees as $tree) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(ROOT."/{$tree}", FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = substr($file->getPathname(), strlen(ROOT) + 1);
            $isMadeOrAboutWords = preg_match(
                '{^bootstrap/cache/|schema\.d\.ts$|glossary\.md$|GlossaryTest\.php$|^database/migrations/}',
                $path,
            );
            if ($isMadeOrAboutWords === 0 && preg_match($pattern, $path) === 1) {
                yield $path => (string) file_get_contents($file->getPathname());
            }
        }
    }
}

/** @return list<string> the words of a name, as `take`, `the`, `room` for takeTheRoom and take_the_room */
function wordsOf(string $name): array
{
    preg_match_all('/[A-Z]?[a-z]+|[A-Z]+(?![a-z])/', $name, $words);

    return array_map(strtolower(...), $words[0]);
}

/** @return list<string> names that a PHP file gives or uses */
function phpNames(string $text): array
{
    $names = array_filter(PhpToken::tokenize($text), static fn (PhpToken $token): bool => $token->is([T_STRING, T_VARIABLE]));

    return array_column($names, 'text');
}

/** @return list<string> names in a TypeScript file: what is left without comments, texts and the words between tags */
function typeScriptNames(string $text): array
{
    $code = (string) preg_replace(['{/\*.*?\*/}s', '{//.*}', "/'(?:[^'\\\\\n]|\\\\.)*'/", '/`[^`]*`/', '/>[^<>{}();=]*</'], ' ', $text);
    preg_match_all('/[A-Za-z_]\w*/', $code, $names);

    return $names[0];
}

/** @return list<string> names in a description of the API: paths, keys and the names of schemas */
function apiNames(string $text): array
{
    preg_match_all('{^ *"?([\w/\{\}-]+)"?:|\$ref: .*/(\w+)}m', $text, $names);

    return [...$names[1], ...$names[2]];
}

/**
 * @param  iterable<string, string>  $texts
 * @param  list<string>  $words
 * @return list<string> where words out of use stand in names
 */
function misnamed(iterable $texts, callable $names, array $words): array
{
    $wrong = [];
    foreach ($texts as $path => $text) {
        foreach (array_unique([...$names($text), pathinfo($path, PATHINFO_FILENAME)]) as $name) {
            foreach (
                array_intersect(wordsOf($name), [...$words, ...array_map(static fn (string $word): string => "{$word}s", $words)]) as $word
            ) {
                $wrong[] = "{$path}: {$name} ({$word})";
            }
        }
    }

    return $wrong;
}

test('no name has a word that is out of use', function (string $pattern, callable $names) {
    $words = [...outOfUse('in names'), ...outOfUse('anywhere')];
    expect(count($words))->toBeGreaterThan(4)->and(misnamed(written($pattern), $names, $words))->toBe([]);
})->with([
    'PHP' => ['/\.php$/', phpNames(...)],
    'TypeScript' => ['/\.tsx?$/', typeScriptNames(...)],
    'the API' => ['/openapi\.yaml$/', apiNames(...)],
]);

test('no text has a word that is out of use anywhere', function () {
    $pattern = '/\b('.implode('|', array_map(static fn (string $word): string => "{$word}(?:s|es)?", outOfUse('anywhere'))).')\b/i';
    $wrong = [];
    foreach (written('/\.(?:php|tsx?|md|yaml|css)$/') as $path => $text) {
        if (preg_match($pattern, $text, $found, PREG_OFFSET_CAPTURE) === 1) {
            $wrong[] = "{$path}, line ".(substr_count($text, "\n", 0, $found[0][1]) + 1).": {$found[0][0]}";
        }
    }
    expect($wrong)->toBe([]);
});

test('no file is named by a word that is out of use for files', function () {
    $words = outOfUse('in files');
    $wrong = [];
    foreach (written('/./') as $path => $text) {
        if (array_intersect(wordsOf(pathinfo($path, PATHINFO_FILENAME)), $words) !== []) {
            $wrong[] = $path;
        }
    }
    expect($words)->not->toBe([])->and($wrong)->toBe([]);
});

test('a word out of use is found in a name of each kind', function (callable $names, string $text, string $name) {
    expect(misnamed(['a.txt' => $text], $names, ['room']))->toBe(["a.txt: {$name}"]);
})->with([
    'a PHP variable' => [phpNames(...), '<?php // a room'."\n".'$theRoom = "room";', '$theRoom (room)'],
    'a PHP method' => [phpNames(...), '<?php $suite->rooms_there();', 'rooms_there (rooms)'],
    'a TypeScript member' => [typeScriptNames(...), "const text = 'room' // room\nread(suite.roomName)", 'roomName (room)'],
    'a component' => [typeScriptNames(...), '<RoomList>in a room</RoomList>', 'RoomList (room)'],
    'a field of the API' => [apiNames(...), "  description: a room\n  room_id: 1\n", 'room_id (room)'],
    'a path of the API' => [apiNames(...), "  /rooms/{suite}:\n    get: 1\n", '/rooms/{suite} (rooms)'],
]);

test('what the glossary points at is there', function () {
    $missing = [];
    foreach (glossary('| word | meaning | where |') as [$word, , $where]) {
        $path = trim($where, '`/');
        if (
            ! file_exists(ROOT."/{$path}") &&
            ! file_exists(ROOT."/{$path}.php") &&
            ! file_exists(ROOT."/core/src/{$path}") &&
            ! file_exists(ROOT."/core/src/{$path}.php")
        ) {
            $missing[] = "{$word}: {$path}";
        }
    }
    expect($missing)->toBe([]);
});

test('every word of the glossary is explained once', function () {
    $words = array_merge(...array_map(static fn (array $row): array => explode(', ', $row[0]), glossary('| word | meaning | where |')));
    expect($words)->toBe(array_unique($words))->and(array_intersect($words, [...outOfUse('in names'), ...outOfUse('anywhere')]))->toBe([]);
});
