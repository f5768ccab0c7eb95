<?php

declare(strict_types=1);

namespace Standins\Described;

use Standins\Answer;
use Standins\HeldKeys;
use Standins\KeyPress;
use Standins\Refusing;
use Standins\Simulated;
use Standins\Strip;

/**
 * An application that nobody simulates: it reads its key file by the description that it came with, and says what would run. It is written
 * apart from the product's own reading.
 */
final class Described implements Refusing, Simulated
{
    /** Keys whose words stand for themselves where a description says nothing else. */
    private const FREE = ['plain' => '/^(Key.|Digit.|F\d+|Numpad\d)$/', 'all' => '/./'];

    /** @var array<string, array<string, mixed>> contexts by id */
    private array $contexts = [];

    /** @var array<string, string> context ids by what the file calls them */
    private array $contextOf = [];

    /** @var array<string, array{string, string}> ids and names of commands by what the file calls them */
    private array $commandOf = [];

    /** @param  array{catalogue: array<string, mixed>, dialect: array<string, mixed>, factory: string}  $data */
    public function __construct(private readonly array $data)
    {
        foreach ($data['catalogue']['contexts'] as $context) {
            $this->contexts[$context['id']] = $context;
            foreach ($context['written'] ?? [$context['id']] as $word) {
                $this->contextOf[$word] ??= $context['id'];
            }
        }
        foreach ($data['catalogue']['commands'] as $command) {
            $this->commandOf[$command['written'] ?? $command['id']] ??= [$command['id'], $command['name']];
        }
    }

    public function refusal(string $bytes, string $system): ?string
    {
        if ($this->data['catalogue']['loading'] !== 'refuse-file') {
            return null;
        }
        $seen = [];
        foreach ($this->bindings($bytes) as $index => [$context, , $said]) {
            $claim = $context.' '.json_encode($said);
            if (isset($seen[$claim])) {
                return "{$this->contexts[$context]['name']} has one chord twice.";
            }
            $seen[$claim] = $index;
        }

        return null;
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        if ($bytes !== null && $this->refusal($bytes, $system) !== null) {
            return Answer::nothing('The file was refused: '.$this->refusal($bytes, $system));
        }
        $found = [];
        foreach ($this->bindings($bytes ?? $this->data['factory']) as [$context, $word, $said, $gesture]) {
            if (($gesture === 'hold') === $press->isHeld && $this->isPressed($said, $press, $system)) {
                $isFirst = $this->data['catalogue']['loading'] === 'first-line-wins';
                $found[$context] = $isFirst ? $found[$context] ?? $word : $word;
            }
        }
        $path = [];
        for ($at = $focus; $at !== null && isset($this->contexts[$at]); $at = $this->contexts[$at]['parent'] ?? null) {
            if (($this->contexts[$at]['text_entry'] ?? false) && $press->types($system)) {
                return Answer::nothing('What is typed goes into the text there.', 'A character was typed.', $at);
            }
            $path[] = $at;
            array_push($path, ...array_diff($this->contexts[$at]['coexists_with'] ?? [], $path));
        }
        foreach ($this->data['catalogue']['precedence'] === 'everywhere-first' ? array_reverse($path) : $path as $context) {
            if (isset($found[$context])) {
                [$id, $name] = $this->commandOf[$found[$context]] ?? [$found[$context], $found[$context]];

                return Answer::ran(
                    "{$name} would run.",
                    $id,
                    $context,
                    'The '.($bytes === null ? 'factory' : 'installed').' file says so.',
                );
            }
        }

        return Answer::nothing('No line of the file has this chord for the focus.');
    }

    public function run(string $command, Strip $strip): string
    {
        foreach ($this->commandOf as [$id, $name]) {
            if ($id === $command) {
                return "{$name} would run.";
            }
        }

        return "{$command} would run.";
    }

    /** @return list<array{string, string, array<string, mixed>, string}> context, what runs, the chord as it is said, the gesture */
    private function bindings(string $bytes): array
    {
        $dialect = $this->data['dialect'];
        $bindings = [];
        $this->descend(FileTree::of($bytes, $dialect), $dialect['path'], [], $bindings);

        return $bindings;
    }

    private function descend(array $parts, array $path, array $holders, array &$bindings): void
    {
        $isHeaded = in_array($this->data['dialect']['shape']['kind'], ['lines', 'table'], true);
        foreach ($parts as $part) {
            $name = $path[0];
            if ($name !== null && $part['name'] !== $name) {
                continue;
            }
            $isRow = $isHeaded && count($path) > 1 && ($part['text'] !== null || ($part['name'] === null && $part['parts'] !== []));
            if (count($path) === 1 || $isRow) {
                $this->entry($part, $holders, $bindings);
            } else {
                $this->descend($part['parts'], array_slice($path, 1), [...$holders, $part], $bindings);
            }
        }
    }

    private function entry(array $part, array $holders, array &$bindings): void
    {
        $dialect = $this->data['dialect'];
        $word = $this->at($dialect['command'], $part, $holders)[0] ?? '';
        $said = isset($dialect['context']) ? $this->at($dialect['context'], $part, $holders)[0] ?? '' : '';
        $context = $this->contextOf[$said] ?? ($said === '' ? 'everywhere' : null);
        if ($word === '' || $context === null) {
            return;
        }
        $gesture = 'tap';
        if (isset($dialect['gesture'])) {
            $gesture = ($this->at($dialect['gesture']['at'], $part, $holders)[0] ?? '') === $dialect['gesture']['hold'] ? 'hold' : 'tap';
        }
        foreach ($dialect['chords'] as $locator) {
            foreach ($this->chords($locator, $part, $holders) as $chord) {
                $bindings[] = [$context, $word, $chord, $gesture];
            }
        }
    }

    /** @return list<array<string, mixed>> each with its words for modifiers and its word for the key */
    private function chords(array $locator, array $part, array $holders): array
    {
        $spelling = $this->data['dialect']['spelling'];
        $chords = [];
        if (isset($locator['whole'])) {
            foreach ($this->at($locator['whole'], $part, $holders) as $text) {
                // A sign that begins a piece is a key of its own name.
                $between = $locator['between'] ?? '';
                $pieces = $between === '' ? [$text] : (preg_split('/(?<=\S)'.preg_quote($between, '/').'/u', $text) ?: []);
                foreach (array_map('trim', $pieces) as $piece) {
                    if (! in_array($piece, $spelling['unbound'] ?? [], true) && $piece !== '') {
                        $chords[] = $this->split($piece, $spelling);
                    }
                }
            }

            return $chords;
        }
        $key = trim($this->at($locator['key'], $part, $holders)[0] ?? '');
        if ($key === '' || in_array($key, $spelling['unbound'] ?? [], true)) {
            return [];
        }
        $held = [];
        foreach ($locator['flags'] ?? [] as $modifier => $flag) {
            if (trim($this->at($flag, $part, $holders)[0] ?? '') === ($spelling['yes'] ?? '1')) {
                $held[] = $modifier;
            }
        }
        $text = trim($this->at($locator['held'] ?? ['in' => ['?none']], $part, $holders)[0] ?? '');

        return [['held' => [...$held, ...$this->modifiers($text, $spelling)], 'key' => $key]];
    }

    /** @return list<string> */
    private function modifiers(string $text, array $spelling): array
    {
        if ($text === '' || $text === ($spelling['modifiers']['none'] ?? '')) {
            return [];
        }
        if (isset($spelling['modifiers']['bits'])) {
            $sum = (int) intval($text, 0);

            return array_values(
                array_filter($spelling['modifiers']['bits'], static fn ($bit): bool => ($sum & (int) $bit) !== 0, ARRAY_FILTER_USE_KEY),
            );
        }
        $between = $spelling['between'] ?? '+';
        $words = $between === '' ? mb_str_split($text) : array_filter(array_map('trim', explode($between, $text)));

        return array_values(array_map(fn (string $word): string => $this->modifier($word, $spelling) ?? "?{$word}", $words));
    }

    private function modifier(string $word, array $spelling): ?string
    {
        foreach ($spelling['modifiers']['words'] ?? [] as $known => $modifier) {
            $isSame =
                ($spelling['modifiers']['case'] ?? 'exact') === 'exact'
                    ? (string) $known === $word
                    : mb_strtolower((string) $known) === mb_strtolower($word);
            if ($isSame) {
                return $modifier;
            }
        }

        return null;
    }

    /** @return array{held: list<string>, key: string} */
    private function split(string $chord, array $spelling): array
    {
        $between = $spelling['between'] ?? '+';
        $beforeKey = $spelling['before_key'] ?? $between;
        if ($between === '') {
            $letters = implode(
                '',
                array_map(static fn ($one): string => preg_quote((string) $one, '/'), array_keys($spelling['modifiers']['words'] ?? [])),
            );
            $isPrefixed =
                preg_match('/^(['.$letters.']+)'.preg_quote($beforeKey, '/').'(.+)$/u', $chord, $found) === 1 &&
                $this->code($chord, $spelling) === null;

            return $isPrefixed ? ['held' => $this->modifiers($found[1], $spelling), 'key' => $found[2]] : ['held' => [], 'key' => $chord];
        }
        $at = strlen($chord) < 2 ? false : strrpos(substr($chord, 0, -1), $between);

        return $at === false
            ? ['held' => [], 'key' => $chord]
            : ['held' => $this->modifiers(substr($chord, 0, $at), $spelling), 'key' => trim(substr($chord, $at + strlen($between)))];
    }

    private function isPressed(array $said, KeyPress $press, string $system): bool
    {
        $spelling = $this->data['dialect']['spelling'];
        $held = HeldKeys::of($said['held'], [], $system);
        $code = $this->code($said['key'], $spelling);
        $isCharacter = ($spelling['keys']['by'] ?? 'position') === 'character' && mb_strlen($said['key']) === 1;

        return $isCharacter && ! isset($spelling['keys']['words'][$said['key']])
            ? $press->isCharacter($said['key'], $held, $system)
            : $code !== null && $press->is($code, $held);
    }

    private function code(string $word, array $spelling): ?string
    {
        $keys = $spelling['keys'] ?? [];
        $isExact = ($keys['case'] ?? 'exact') === 'exact';
        foreach ($keys['words'] ?? [] as $known => $code) {
            if ((string) $known === $word || (! $isExact && mb_strtolower((string) $known) === mb_strtolower($word))) {
                return $code;
            }
        }
        if (($keys['by'] ?? '') === 'number') {
            return HidCodes::code((int) intval($word, 0));
        }
        foreach (HidCodes::all() as $code) {
            $plain = (string) preg_replace(['/^(Key|Digit)(?=.$)/', '/^Numpad/'], ['', $keys['pad'] ?? 'Numpad'], $code);
            $isFree = isset(self::FREE[$keys['rest'] ?? 'all']) && preg_match(self::FREE[$keys['rest'] ?? 'all'], $code) === 1;
            if ($isFree && ($plain === $word || (! $isExact && mb_strtolower($plain) === mb_strtolower($word)))) {
                return $code;
            }
        }

        return null;
    }

    /** @return list<string> what stands at a place */
    private function at(array $locator, array $part, array $holders): array
    {
        $up = $locator['up'] ?? 0;
        $parts = $up === 0 ? [$part] : array_filter([$holders[count($holders) - $up] ?? null]);
        foreach ($locator['in'] ?? [] as $name) {
            $inner = [];
            foreach ($parts as $one) {
                foreach ($one['parts'] as $child) {
                    if (in_array($name, ['*', '?'], true) || $child['name'] === $name) {
                        $inner[] = $child;
                    }
                }
            }
            $parts = $inner;
        }
        $texts = [];
        foreach ($parts as $one) {
            $text = $one[$locator['take'] ?? 'text'];
            if ($text !== null) {
                $text =
                    isset($locator['behind']) && str_contains($text, $locator['behind'])
                        ? explode($locator['behind'], $text, 2)[1]
                        : $text;
                $texts[] = isset($locator['before']) ? (string) strstr($text, $locator['before'], true) : $text;
            }
        }

        return $texts;
    }
}
