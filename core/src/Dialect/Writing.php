<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/** Finds where in a file something is to be written, so that it says other bindings and nothing else of it changes. */
final class Writing
{
    private ?FileMap $map = null;

    /** @var list<TextEdit> */
    private array $edits = [];

    /** @var array<int, Part> parts that go, by the offset at which they begin */
    private array $gone = [];

    /** @var array<int, list<string>> what comes into parts with commas, by the offset at which these begin */
    private array $come = [];

    /** @var array<int, Part> those parts */
    private array $holders = [];

    /** @var array<int, array<int, true>> chords that go from a part that stays, by the offset of the part */
    private array $goneChords = [];

    /** @var array<int, list<Chord>> chords that come to a part that is there */
    private array $comeChords = [];

    public function __construct(
        private readonly Description $description,
        private readonly ChordReading $chords,
        private readonly Sample $sample,
        private readonly DialectWords $words,
        private readonly string $text,
    ) {
    }

    /**
     * @param  list<array{Entry, Binding}>  $changed
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added
     * @return list<TextEdit>
     */
    public function edits(array $changed, array $removed, array $added): array
    {
        foreach ($changed as [$entry, $binding]) {
            $this->change($entry, $binding);
        }
        $this->remove($removed);
        // What goes into a part that is there comes before new parts, which may begin at the same place.
        $isKnown = fn (string $context): bool => isset($this->map()->holders[$context]) || isset($this->map()->last[$context]);
        $known = $added === [] ? [] : array_filter($added, $isKnown, ARRAY_FILTER_USE_KEY);
        foreach ($known + $added as $context => $bindings) {
            $this->add((string) $context, $bindings);
        }
        $this->settleChords();
        $this->settleSeparated();

        return $this->edits;
    }

    private function map(): FileMap
    {
        return $this->map ??= new FileMap($this->description, $this->words, $this->text);
    }

    private function change(Entry $entry, Binding $binding): void
    {
        if ($this->description->isPlain()) {
            $written = $this->description->shape->written(
                $this->description->spelling->print($binding->chord),
                $entry->chordAt->of($this->text),
            );
            $this->edits[] = new TextEdit($entry->chordAt, $written);

            return;
        }
        [$locator, $located] = $this->chordOf($entry);
        $this->write($locator, $located, $binding->chord);
    }

    /** @param  array<string, Located>  $located */
    private function write(ChordLocator $locator, array $located, Chord $chord): void
    {
        $edits = ChordEdits::of($this->description, $this->chords, $this->text, $locator, $located, $chord);
        $this->edits = [...$this->edits, ...$edits];
    }

    /** @return array{ChordLocator, array<string, Located>, int} with its number in its part */
    private function chordOf(Entry $entry): array
    {
        $found = $this->map()->found[$entry->at->from];
        foreach ($this->located($found) as $number => [$locator, $located]) {
            if (Located::around($located)->from === $entry->chordAt->from) {
                return [$locator, $located, $number];
            }
        }

        return [$this->description->chords[0], $found->chords[0], 0];
    }

    /** @return list<array{ChordLocator, array<string, Located>}> all chords of a part with their locators, unbound ones included */
    private function located(Found $found): array
    {
        $all = [];
        foreach ($this->description->chords as $locator) {
            foreach ($locator->find($found->part, $found->holders, $this->text) as $located) {
                $all[] = [$locator, $located];
            }
        }

        return $all;
    }

    /** @param  list<Entry>  $removed */
    private function remove(array $removed): void
    {
        $byPart = [];
        foreach ($removed as $entry) {
            $byPart[$entry->at->from][] = $entry;
        }
        foreach ($byPart as $from => $entries) {
            if ($this->description->isPlain() && ! $this->isSeparated()) {
                $this->edits[] = TextEdit::removal($entries[0]->at);

                continue;
            }
            $found = $this->map()->found[$from];
            $numbers = array_map(fn (Entry $entry): int => $this->chordOf($entry)[2], $entries);
            $bound = array_filter(
                $this->located($found),
                fn (array $one): bool => ! $this->description->spelling->isUnbound(
                    ($one[1][ChordLocator::WHOLE] ?? $one[1][ChordLocator::KEY])->text,
                ),
            );
            if (count($entries) >= count($bound) && ! $this->description->listsUnbound) {
                $this->gone[$from] = $found->part;
            } else {
                $this->goneChords[$from] = array_fill_keys($numbers, true);
            }
        }
    }

    private function isSeparated(): bool
    {
        return $this->description->kind === 'members';
    }

    /** @param  non-empty-list<Binding>  $bindings */
    private function add(string $context, array $bindings): void
    {
        $new = [];
        foreach ($bindings as $binding) {
            if (! $this->addBeside($binding)) {
                $new[] = $binding;
            }
        }
        if ($new === []) {
            return;
        }
        $holder = $this->map()->holders[$context] ?? null;
        $last = $this->map()->last[$context] ?? null;
        $isOutside = $this->description->outside && $last !== null && $this->description->contextUp() > 0 && $holder === null;
        if ($holder === null && $this->description->contextUp() > 0 && ! $isOutside) {
            $this->addContext($new);

            return;
        }
        $holder ??= $this->description->contextUp() === 0 ? $this->map()->outer ?? $this->map()->root : null;
        $texts = $this->sample->entries($new, $this->words);
        if ($holder !== null && $holder->isSeparated) {
            $this->comeInto($holder, $texts);

            return;
        }
        $offset = match (true) {
            $this->description->contextUp() === 0 || $isOutside => $last->to ?? ($holder->end ?? strlen($this->text)),
            default => $holder->end ?? strlen($this->text),
        };
        $this->insertLines($offset, implode('', $texts));
    }

    /** @param  list<string>  $texts */
    private function comeInto(Part $holder, array $texts): void
    {
        $this->holders[$holder->from] = $holder;
        $this->come[$holder->from] = [...$this->come[$holder->from] ?? [], ...$texts];
    }

    /** @param  non-empty-list<Binding>  $bindings */
    private function addContext(array $bindings): void
    {
        $outer = $this->map()->outer ?? $this->map()->root;
        $text = $this->sample->context($bindings, $this->words);
        if ($outer !== null && $outer->isSeparated) {
            $this->comeInto($outer, [$text]);

            return;
        }
        $hasHeads = in_array($this->description->kind, ['lines', 'table'], true);
        $this->insertLines($outer->end ?? strlen($this->text), ($hasHeads ? $this->sample->lineEnd() : '').$text);
    }

    /** Puts lines in, with the line ends of the file; beside something that has its line for itself they do not get lines. */
    private function insertLines(int $offset, string $lines): void
    {
        $end = Lines::end($this->text);
        $lines = str_replace($this->sample->lineEnd(), $end, $lines);
        if (! Lines::startAt($this->text, $offset)) {
            $lines =
                $offset === strlen($this->text)
                    ? $end.(str_ends_with($lines, $end) ? substr($lines, 0, -strlen($end)) : $lines)
                    : self::onOneLine($lines);
        }
        // Several that come to the end of a file without a last line end stand behind one another.
        $this->edits[] = TextEdit::insertion($offset, $lines);
    }

    private static function onOneLine(string $lines): string
    {
        return (string) preg_replace('/[\\r\\n]+[ \\t]*/', '', trim($lines));
    }

    /** A chord more for a command that has a part: in an empty place, or in its list. */
    private function addBeside(Binding $binding): bool
    {
        if ($this->description->isPlain() && ! $this->description->command->isOwnName()) {
            return false;
        }
        foreach ($this->map()->ofCommand["{$binding->context} {$binding->command}"] ?? [] as $found) {
            $from = $found->part->from;
            if (isset($this->gone[$from]) || ! $this->hasGesture($found, $binding)) {
                continue;
            }
            foreach ($this->located($found) as $number => [$locator, $located]) {
                $text = ($located[ChordLocator::WHOLE] ?? $located[ChordLocator::KEY])->text;
                $isFree = $this->description->spelling->isUnbound($text) && ! $locator->isList() && $locator->between === '';
                if (($isFree || isset($this->goneChords[$from][$number])) && ! isset($this->filled["{$from} {$number}"])) {
                    unset($this->goneChords[$from][$number]);
                    $this->filled["{$from} {$number}"] = true;
                    $this->write($locator, $located, $binding->chord);

                    return true;
                }
            }
            if ($this->description->chords[0]->isList() || $this->description->chords[0]->between !== '') {
                $this->comeChords[$from][] = $binding->chord;

                return true;
            }
            if ($this->description->kind === 'members' && $this->description->command->isOwnName()) {
                throw CannotBeWritten::secondChord($binding->command);
            }
        }

        return false;
    }

    /** @var array<string, true> places that were empty and are not any more */
    private array $filled = [];

    private function hasGesture(Found $found, Binding $binding): bool
    {
        $locator = $this->description->gesture;

        return $locator === null || $locator->gesture($found->gesture->text ?? '') === $binding->gesture;
    }

    /** Chords that go from parts that stay, and those that come to them. */
    private function settleChords(): void
    {
        foreach (array_keys($this->goneChords + $this->comeChords) as $from) {
            $found = $this->map()->found[$from];
            $gone = $this->goneChords[$from] ?? [];
            $come = $this->comeChords[$from] ?? [];
            $locator = $this->description->chords[0];
            match (true) {
                count($this->description->chords) === 1 && $locator->between !== '' => $this->settleText($found, $gone, $come),
                count($this->description->chords) === 1 && $locator->isList() => $this->settleList($found, $gone, $come),
                default => $this->blank($found, $gone),
            };
        }
    }

    /** @param  array<int, true>  $gone */
    private function blank(Found $found, array $gone): void
    {
        foreach ($this->located($found) as $number => [, $located]) {
            foreach (isset($gone[$number]) ? $located : [] as $what => $one) {
                $said = match ($what) {
                    ChordLocator::HELD => $this->description->spelling->modifiers->none(),
                    ChordLocator::WHOLE, ChordLocator::KEY => $this->description->spelling->unbound(),
                    default => $this->description->spelling->no,
                };
                $written = $this->description->shape->written($said, $one->at->of($this->text));
                $this->edits[] = new TextEdit($one->at, $written);
            }
        }
    }

    /**
     * Several chords in one text.
     *
     * @param  array<int, true>  $gone
     * @param  list<Chord>  $come
     */
    private function settleText(Found $found, array $gone, array $come): void
    {
        $between = $this->description->chords[0]->between;
        $pieces = array_map(static fn (array $one): Located => $one[1][ChordLocator::WHOLE], $this->located($found));
        $texts = array_map($this->description->spelling->print(...), $come);
        $left = array_diff_key($pieces, $gone);
        $isUnbound = count($pieces) === 1 && $this->description->spelling->isUnbound($pieces[0]->text);
        $first = $pieces[0];
        $isWhole =
            $first->at->from === ($first->part->textAt->from ?? -1) &&
            $first->isPiece &&
            count($pieces) > 1 &&
            $first->at->to === ($first->part->textAt->to ?? -1);
        if ($left === [] || $isUnbound || $isWhole) {
            // The whole text is written anew where nothing of it stays, or where its pieces have no places of their own.
            $stay = $isUnbound ? [] : array_map(static fn (Located $one): string => $one->text, $left);
            $at = $isWhole ? $first->at : new Span($pieces[0]->at->from, $pieces[count($pieces) - 1]->at->to);
            $said = implode($between, [...$stay, ...$texts]) ?: $this->description->spelling->unbound();
            $this->edits[] = new TextEdit($at, $this->description->shape->written($said, $at->of($this->text)));

            return;
        }
        $spans = array_map(static fn (Located $one): Span => $one->at, $pieces);
        $this->edits = [...$this->edits, ...Separated::removals($spans, $gone)];
        $last = Separated::lastLeft($spans, $gone);
        if ($texts !== [] && $last !== null) {
            $quote = $first->part->textAt === null ? '' : $first->part->textAt->of($this->text);
            $said = trim(
                $this->description->shape->written(
                    implode('', array_map(static fn (string $one): string => $between.$one, $texts)),
                    $quote,
                ),
                '"\'',
            );
            $this->edits[] = TextEdit::insertion($last->to, $said);
        }
    }

    /**
     * A list with a part for each chord.
     *
     * @param  array<int, true>  $gone
     * @param  list<Chord>  $come
     */
    private function settleList(Found $found, array $gone, array $come): void
    {
        $locator = $this->description->chords[0];
        $steps = $locator->at[ChordLocator::WHOLE] ?? $locator->at[ChordLocator::KEY];
        $list = $steps->around()->parts($found->part, $found->holders)[0] ?? null;
        if ($list === null) {
            return;
        }
        $texts = array_map($this->sample->piece(...), $come);
        if ($list->isSeparated) {
            $this->settle($list, $list->parts, $gone, $texts, '');

            return;
        }
        foreach (array_keys($gone) as $number) {
            $this->edits[] = TextEdit::removal($list->parts[$number]->at());
        }
        if ($texts !== []) {
            $this->insertLines($list->end, implode('', $texts));
        }
    }

    /** Parts that go and come where there are commas between. */
    private function settleSeparated(): void
    {
        $byHolder = [];
        foreach ($this->gone as $from => $part) {
            $holders = $this->map()->found[$from]->holders;
            $holder = $holders[count($holders) - 1] ?? $this->map()->root;
            if ($holder === null || ! $holder->isSeparated) {
                $this->edits[] = TextEdit::removal($part->at());

                continue;
            }
            $byHolder[$holder->from][$from] = true;
            $this->holders[$holder->from] = $holder;
        }
        foreach ($this->holders as $from => $holder) {
            $children = $this->map()->children[$from] ?? [];
            $gone = [];
            foreach ($children as $index => $child) {
                if (isset($byHolder[$from][$child->from])) {
                    $gone[$index] = true;
                }
            }
            $this->settle($holder, $children, $gone, $this->come[$from] ?? [], $this->sample->closing());
        }
    }

    /**
     * @param  list<Part>  $children
     * @param  array<int, true>  $gone
     * @param  list<string>  $texts  with the blanks before them
     * @param  string  $closing  what comes behind the last one where nothing stood
     */
    private function settle(Part $holder, array $children, array $gone, array $texts, string $closing): void
    {
        $spans = array_map(static fn (Part $one): Span => $one->at(), $children);
        $this->edits = [...$this->edits, ...Separated::removals($spans, $gone)];
        if ($texts === []) {
            return;
        }
        $end = Lines::end($this->text);
        $texts = array_map(fn (string $one): string => str_replace($this->sample->lineEnd(), $end, $one), $texts);
        $model = $children[count($children) - 1] ?? null;
        if ($model !== null) {
            $blanks = substr($this->text, $model->from, strspn($this->text, " \t\r\n", $model->from));
            $texts = array_map(static fn (string $one): string => $blanks.ltrim($one, " \t\r\n"), $texts);
        }
        $left = Separated::lastLeft($spans, $gone);
        $inside = $children === [] ? $holder->end - strlen($this->blanksBefore($holder->end)) : $spans[0]->from;
        $isOneLine =
            $children === [] &&
            ! str_contains($this->blanksBefore($holder->end), "\n") &&
            ! str_contains($this->blanksBefore($holder->end), "\r");
        $this->edits[] = TextEdit::insertion(
            $left->to ?? $inside,
            ($left === null ? '' : ',').
                implode(',', $texts).
                ($isOneLine ? str_replace($this->sample->lineEnd(), $end, $closing) : ''),
        );
    }

    private function blanksBefore(int $offset): string
    {
        $from = $offset;
        while ($from > 0 && in_array($this->text[$from - 1], [' ', "\t", "\r", "\n"], true)) {
            $from--;
        }

        return substr($this->text, $from, $offset - $from);
    }
}
