<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Json\JsonMember;
use Zebrafinch\Core\Text\Json\JsonNode;
use Zebrafinch\Core\Text\Json\JsonScanner;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/**
 * Key files in JSON that hold one object for each context, with a chord as the name and what it runs as the value. A chord that comes
 * twice in one object is no error in JSON: whoever reads it keeps the last.
 */
final readonly class ChordMaps
{
    private const INDENT = '    ';

    /** @param  string  $root  the name of the member that holds the objects */
    public function __construct(private string $root, private SpelledChords $chords)
    {
    }

    /**
     * @param  callable(string, string): string  $command  which command a value stands for in a context
     *
     * @throws UnreadableKeyFile
     */
    public function read(string $bytes, Application $application, callable $command): KeyFile
    {
        KeyFileText::check($bytes);
        $list = new EntryList($application);
        $root = KeyFileText::scan(static fn (): JsonNode => JsonScanner::read($bytes));
        $maps = $root->member($this->root)->members ?? throw UnreadableKeyFile::otherFormat("an object \"{$this->root}\"", 'none', 1);
        foreach ($root->members ?? [] as $member) {
            if ($member->value->members === null) {
                $this->leave($list, $bytes, $member, $member->name);
            }
        }
        foreach ($maps as $map) {
            if ($map->value->members === null || ! $list->hasContext($map->name, $map->line, $map->name)) {
                continue;
            }
            $list->insertAt($map->name, $map->value->at->to);
            foreach ($map->value->members as $member) {
                $this->take($list, $bytes, $map->name, $member, $command);
            }
        }

        return $list->keyFile($bytes, strlen($bytes));
    }

    private function leave(EntryList $list, string $bytes, JsonMember $member, string $what): void
    {
        $list->preserved($member->line, trim($member->at->of($bytes)), $what);
    }

    /** @param  callable(string, string): string  $command */
    private function take(EntryList $list, string $bytes, string $context, JsonMember $member, callable $command): void
    {
        $line = $member->line;
        $text = trim($member->at->of($bytes));
        if ($member->value->text === null || $member->value->text === '') {
            $list->notUnderstood($line, $text, 'A chord needs the name of what it runs, in quotes.');

            return;
        }
        $list->bind(
            $line,
            $text,
            $context,
            $command($context, $member->value->text),
            fn () => $this->chords->parse($member->name),
            $member->at,
            $member->nameAt,
        );
    }

    public function blank(): string
    {
        return "{\n  \"{$this->root}\": {\n  }\n}\n";
    }

    /** @throws \Zebrafinch\Core\Keyboard\UnreadableChord */
    public function spell(Binding $binding): string
    {
        return self::quoted($this->chords->printTap($binding));
    }

    /**
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added  by context
     * @param  callable(string): string  $value  what stands in the file for a command
     * @return list<TextEdit>
     */
    public function edits(KeyFile $file, array $removed, array $added, callable $value): array
    {
        $root = JsonScanner::read($file->bytes)->member($this->root) ?? new JsonNode(new Span(0, 0));
        $gone = array_fill_keys(array_map(static fn (Entry $entry): int => $entry->at->from, $removed), true);
        $edits = [];
        $known = [];
        foreach ($root->members ?? [] as $map) {
            $isLast = ! isset($known[$map->name]);
            $known[$map->name] = true;
            $members = $map->value->members;
            if ($members !== null) {
                $texts = $isLast ? $this->members($file, $added[$map->name] ?? [], $value, self::INDENT.'  ', $members) : [];
                array_push($edits, ...$this->within($file, $map->value, $members, $gone, $texts));
            }
        }
        $new = [];
        foreach (array_diff_key($added, $known) as $context => $bindings) {
            $end = $file->lineEnd();
            $new[] =
                $end.
                self::INDENT.
                self::quoted($context).
                ': {'.
                implode(',', $this->members($file, $bindings, $value, self::INDENT.'  ', [])).
                $end.
                self::INDENT.
                '}';
        }

        return [...$edits, ...$this->within($file, $root, $root->members ?? [], [], $new)];
    }

    /**
     * @param  list<Binding>  $bindings
     * @param  callable(string): string  $value
     * @param  list<JsonMember>  $beside  those that are there, whose indentation is taken over
     * @return list<string> members with the blanks before them
     */
    private function members(KeyFile $file, array $bindings, callable $value, string $indent, array $beside): array
    {
        $last = $beside[count($beside) - 1] ?? null;
        $before = $last === null ? $file->lineEnd().$indent : (new Span($last->at->from, $last->nameAt->from))->of($file->bytes);

        return array_map(fn (Binding $one): string => $before.$this->spell($one).': '.self::quoted($value($one->command)), $bindings);
    }

    /**
     * Takes members of one object out, puts others behind those that are left, and keeps the commas right.
     *
     * @param  list<JsonMember>  $members
     * @param  array<int, true>  $gone  by the offset of the member
     * @param  list<string>  $new
     * @return list<TextEdit>
     */
    private function within(KeyFile $file, JsonNode $object, array $members, array $gone, array $new): array
    {
        $edits = [];
        $lastLeft = null;
        foreach ($members as $member) {
            $lastLeft = isset($gone[$member->at->from]) ? $lastLeft : $member;
        }
        foreach ($members as $member) {
            if (isset($gone[$member->at->from])) {
                // Before the last that stays the comma behind goes with it, after it the comma before.
                $isBefore = $lastLeft !== null && $member->at->from < $lastLeft->at->from;
                $hasComma = $isBefore || $member !== $members[0];
                $edits[] = TextEdit::removal(
                    match (true) {
                        $isBefore => new Span($member->at->from, self::behindComma($file->bytes, $member->at->to)),
                        $hasComma => new Span(self::comma($file->bytes, $member->at->from), $member->at->to),
                        default => $member->at,
                    },
                );
            }
        }
        $start = $object->at->from + 1;
        $close =
            $members === [] && $new !== [] && trim((new Span($start, $object->at->to - 1))->of($file->bytes), " \t") === ''
                ? $file->lineEnd().'  '
                : '';

        return $new === []
            ? $edits
            : [
                ...$edits,
                TextEdit::insertion(
                    $lastLeft === null ? $start : $lastLeft->at->to,
                    ($lastLeft === null ? '' : ',').implode(',', $new).$close,
                ),
            ];
    }

    private static function behindComma(string $bytes, int $offset): int
    {
        return (int) strpos($bytes, ',', $offset) + 1;
    }

    /** The offset of the comma before a member: a member begins right behind it. */
    private static function comma(string $bytes, int $from): int
    {
        return $bytes[$from - 1] === ',' ? $from - 1 : $from;
    }

    private static function quoted(string $text): string
    {
        return json_encode($text, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
