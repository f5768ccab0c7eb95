<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;

/** One of some, by the seed of mt_rand(). */
function anyOf(array $some): mixed
{
    return $some[mt_rand(0, count($some) - 1)];
}

/**
 * A description, and what writes a file of it.
 *
 * @return array{array<string, mixed>, Closure(list<array{string, list<array{string, string}>}>): string}
 */
function generated(): array
{
    $between = anyOf(['+', '-', '_', ' ', '/', ' + ', '&']);
    $words = anyOf([['Ctrl', 'Shift', 'Alt'], ['c', 'u', 'm'], ['STRG', 'MAJ', 'OPT'], ['⌃', '⇧', '⌥']]);
    $end = anyOf(["\n", "\r\n"]);
    $spelling = [
        'modifiers' => ['words' => array_combine($words, ['Primary', 'Shift', 'Alt'])],
        'between' => $between,
        'unbound' => [''],
        'keys' => ['words' => ["'" => 'Quote', '\\' => 'Backslash'], 'case' => anyOf(['exact', 'lower'])],
    ];
    $base = ['id' => 'made', 'file_name' => 'made', 'spelling' => $spelling];
    $chord = $words[0].$between.($spelling['keys']['case'] === 'lower' ? 'f9' : 'F9');
    $sections = static fn (Closure $head, Closure $line): Closure => static function (array $contexts) use ($head, $line, $end): string {
        $text = '';
        foreach ($contexts as [$context, $bindings]) {
            $text .=
                $head($context).
                $end.
                implode('', array_map(static fn (array $one): string => $line($context, ...$one).$end, $bindings));
        }

        return $text;
    };
    [$open, $close] = anyOf([['[', ']'], ['{', '}'], ['<<', '>>'], ['== ', ' ==']]);
    $sign = anyOf([' = ', ': ', ' => ', '|']);
    $separator = anyOf([',', ';', "\t", '|']);
    $quoted = static fn (string $text): string => json_encode(
        $text,
        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
    );
    switch (anyOf(['lines', 'table', 'elements', 'json', 'list', 'texts', 'yaml', 'calls'])) {
        case 'lines':
            $write = $sections(
                static fn (string $context): string => $open.$context.$close,
                static fn (string $in, string $runs, string $keys): string => "{$runs}{$sign}{$keys}",
            );
            $description = [
                'shape' => ['kind' => 'lines', 'between' => trim($sign), 'section' => [$open, $close], 'comments' => ['#']],
                'path' => [null, null],
                'context' => ['up' => 1, 'take' => 'name'],
                'command' => ['take' => 'name'],
                'chords' => [['whole' => []]],
            ];

            break;
        case 'table':
            $write = static fn (array $contexts): string => implode($separator, ['runs', 'note', 'in', 'keys']).
                $end.
                implode(
                    '',
                    array_merge(
                        ...array_map(
                            static fn (array $one): array => array_map(
                                static fn (array $row): string => implode($separator, [$row[0], 'x', $one[0], $row[1]]).$end,
                                $one[1],
                            ),
                            $contexts,
                        ),
                    ),
                );
            $description = [
                'shape' => ['kind' => 'table', 'separator' => $separator, 'header' => ['runs', 'note', 'in', 'keys']],
                'path' => [null],
                'context' => ['in' => ['in']],
                'command' => ['in' => ['runs']],
                'chords' => [['whole' => ['in' => ['keys']]]],
            ];

            break;
        case 'elements':
            $inner = $sections(
                static fn (string $context): string => "  <in it=\"{$context}\">",
                static fn (string $in, string $runs, string $keys): string => '    <bind n="1" runs="'.
                    $runs.
                    '">'.
                    htmlspecialchars($keys).
                    '</bind>',
            );
            $write = static fn (array $contexts): string => "<keys>{$end}".
                str_replace('  <in it', "  </in>{$end}  <in it", $inner($contexts)).
                "  </in>{$end}</keys>{$end}";
            $write = static fn (array $contexts): string => (string) preg_replace('/  <\/in>\R(?=  <in it)/', '', $write($contexts), 1);
            $description = [
                'shape' => ['kind' => 'elements'],
                'path' => ['keys', 'in', 'bind'],
                'context' => ['up' => 1, 'in' => ['@it']],
                'command' => ['in' => ['@runs']],
                'chords' => [['whole' => []]],
                'beside' => ['@n'],
            ];

            break;
        case 'calls':
            $write = $sections(
                static fn (string $context): string => "# {$context}",
                static fn (string $in, string $runs, string $keys): string => 'on('.$quoted($in).', '.$quoted($keys).", {$runs});",
            );
            $description = [
                'shape' => ['kind' => 'calls', 'comments' => ['#']],
                'path' => ['on'],
                'context' => ['in' => ['1']],
                'command' => ['in' => ['3']],
                'chords' => [['whole' => ['in' => ['2']]]],
            ];

            break;
        case 'list':
            $write = static function (array $contexts) use ($quoted, $end): string {
                $records = [];
                foreach ($contexts as [$context, $bindings]) {
                    foreach ($bindings as [$runs, $keys]) {
                        $records[] =
                            '  {"in": '.$quoted($context).', "runs": '.$quoted($runs).', "keys": ['.$quoted($keys).']}';
                    }
                }

                return '['.$end.implode(",{$end}", $records).$end.']'.$end;
            };
            $description = [
                'shape' => ['kind' => 'members', 'syntax' => 'json'],
                'path' => [null],
                'context' => ['in' => ['in']],
                'command' => ['in' => ['runs']],
                'chords' => [['whole' => ['in' => ['keys', '*']]]],
            ];

            break;
        case 'texts':
            // Commands are the names here, and all chords of one stand in one text.
            $write = static function (array $contexts) use ($quoted, $end): string {
                $maps = [];
                foreach ($contexts as [$context, $bindings]) {
                    $said = [];
                    foreach ($bindings as [$runs, $keys]) {
                        $said[$runs] = isset($said[$runs]) ? "{$said[$runs]}; {$keys}" : $keys;
                    }
                    $members = array_map(
                        static fn (string $runs, string $keys): string => '    '.$quoted($runs).': '.$quoted($keys),
                        array_keys($said),
                        array_values($said),
                    );
                    $maps[] = '  '.$quoted($context).': {'.$end.implode(",{$end}", $members).$end.'  }';
                }

                return '{'.$end.implode(",{$end}", $maps).$end.'}'.$end;
            };
            $description = [
                'shape' => ['kind' => 'members', 'syntax' => 'json'],
                'path' => [null, null],
                'context' => ['up' => 1, 'take' => 'name'],
                'command' => ['take' => 'name'],
                'chords' => [['whole' => [], 'between' => '; ']],
                'lists_unbound' => anyOf([true, false]),
            ];

            break;
        case 'yaml':
            $write = $sections(
                static fn (string $context): string => "{$context}:",
                static fn (string $in, string $runs, string $keys): string => "  - runs: {$runs}{$end}    keys: ".$quoted($keys),
            );
            $description = [
                'shape' => ['kind' => 'members', 'syntax' => 'yaml'],
                'path' => [null, null],
                'context' => ['up' => 1, 'take' => 'name'],
                'command' => ['in' => ['runs']],
                'chords' => [['whole' => ['in' => ['keys']]]],
            ];

            break;
        default:
            $write = static fn (array $contexts): string => '{'.
                $end.
                implode(
                    ",{$end}",
                    array_map(
                        static fn (array $one): string => '  '.
                            $quoted($one[0]).
                            ': ['.
                            $end.
                            implode(
                                ",{$end}",
                                array_map(
                                    static fn (array $row): string => '    {"runs": '.
                                        $quoted($row[0]).
                                        ', "keys": '.
                                        $quoted($row[1]).
                                        '}',
                                    $one[1],
                                ),
                            ).
                            $end.
                            '  ]',
                        $contexts,
                    ),
                ).
                $end.
                '}'.
                $end;
            $description = [
                'shape' => ['kind' => 'members', 'syntax' => 'json'],
                'path' => [null, null],
                'context' => ['up' => 1, 'take' => 'name'],
                'command' => ['in' => ['runs']],
                'chords' => [['whole' => ['in' => ['keys']]]],
            ];
    }

    return [$base + $description + ['sample' => $write([['everywhere', [['undo', $chord]]]])], $write];
}

function madeApplication(): Application
{
    $contexts = [['id' => 'everywhere', 'name' => 'Everywhere']];
    foreach (['panel', 'strip'] as $id) {
        $contexts[] = ['id' => $id, 'name' => ucfirst($id), 'parent' => 'everywhere'];
    }
    $commands = array_map(static fn (string $id): array => ['id' => $id, 'name' => $id, 'tooltip' => $id, 'context' => 'everywhere'], [
        'undo',
        'redo',
        'cut',
        'join',
        'play',
        'stop',
        'mark',
        'save',
    ]);

    return (new CatalogueReader())->application([
        'id' => 'made',
        'name' => 'Made',
        'purpose' => 'trying',
        'precedence' => 'deeper-first',
        'loading' => 'last-line-wins',
        'dialect' => 'made',
        'contexts' => $contexts,
        'commands' => $commands,
    ]);
}

/** @return list<Binding> */
function madeBindings(int $count): array
{
    $bindings = [];
    while (count($bindings) < $count) {
        $chord = Chord::parse(
            anyOf(['', 'Primary+', 'Shift+', 'Primary+Alt+']).
                anyOf(['F1', 'F7', 'Quote', 'Backslash', 'KeyB', 'KeyQ', 'Digit4', 'Home', 'Delete', 'Space']),
        );
        $binding = new Binding($chord, anyOf(['undo', 'redo', 'cut', 'join', 'play', 'stop']), anyOf(['everywhere', 'panel', 'strip']));
        $bindings[$binding->id()] = $binding;
    }

    return array_values($bindings);
}

test(
    'whatever a description says, files of it are read whole, written back byte for byte, and changed in their own lines only',
    function (int $seed) {
        mt_srand($seed);
        [$data, $write] = generated();
        $dialect = Dialect::fromData($data);
        $application = madeApplication();
        $bindings = madeBindings(mt_rand(3, 25));
        $contexts = [];
        foreach ($bindings as $binding) {
            $contexts[$binding->context][] = [$binding->command, trim($dialect->description->spelling->print($binding->chord))];
        }
        $bytes = $write(array_map(null, array_keys($contexts), array_values($contexts)));
        $file = $dialect->read($bytes, $application);
        $writer = new KeyFileWriter($dialect);
        expect(Change::between($file->bindings(), Bindings::of(...$bindings))->isEmpty())
            ->toBeTrue($bytes)
            ->and($file->findings)
            ->toBe([])
            ->and($writer->write($file, $file->bindings()) === $bytes)
            ->toBeTrue();

        // One chord changed is one line changed; what is no binding and what is a binding cover every line that says anything.
        $one = anyOf($file->bindings()->all());
        $after = $writer->write($file, $file->bindings()->minus($one)->plus($one->at(Chord::parse('Primary+Shift+F12'))));
        expect(count(array_diff_assoc(explode("\n", $after), explode("\n", $bytes))))->toBe(1);

        // Any other bindings, and all the way back to those of the file.
        $other = Bindings::of(...madeBindings(mt_rand(1, 20)));
        $text = $writer->write($file, $other);
        $again = $dialect->read($text, $application);
        expect(Change::between($again->bindings(), $other)->isEmpty())
            ->toBeTrue("{$bytes}\n\n{$text}")
            ->and($again->findings)
            ->toBe([]);
        $back = $dialect->read($writer->write($again, $file->bindings()), $application);
        expect(Change::between($back->bindings(), $file->bindings())->isEmpty())->toBeTrue();

        // A stray line is told, with its number, in forms that have lines of their own.
        if (in_array($data['shape']['kind'], ['lines', 'table', 'calls'], true)) {
            $lines = explode("\n", rtrim($bytes));
            $at = mt_rand(1, count($lines));
            array_splice($lines, $at, 0, ['stray'.(str_contains($bytes, "\r\n") ? "\r" : '')]);
            $found = $dialect->read(implode("\n", $lines)."\n", $application);
            expect(array_column($found->findings, 'line'))
                ->toBe([$at + 1])
                ->and(count($found->entries))
                ->toBe(count($bindings));
        }
    },
)->with(range(1, 200));
