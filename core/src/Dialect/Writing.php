<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
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

    /** @var array<string, true> what was empty and is not any more, by the offset of the part and the number in it */
    private array $filled = [];

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
        foreach ($found->located($this->description, $this->text) as $number => [$locator, $located]) {
            if (Located::around($located)->from === $entry->chordAt->from) {
                return [$locator, $located, $number];
            }
        }

        return [$this->description->chords[0], $found->chords[0], 0];
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
                $found->located($this->description, $this->text),
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
        $this->edits[] = InsertedLines::at($this->text, $offset, implode('', $texts), $this->sample->lineEnd());
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
        $this->edits[] = InsertedLines::at(
            $this->text,
            $outer->end ?? strlen($this->text),
            ($hasHeads ? $this->sample->lineEnd() : '').$text,
            $this->sample->lineEnd(),
        );
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
            foreach ($found->located($this->description, $this->text) as $number => [$locator, $located]) {
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
            if ($this->description->hasOneChordEach()) {
                throw CannotBeWritten::secondChord($binding->command);
            }
        }

        return false;
    }

    private function hasGesture(Found $found, Binding $binding): bool
    {
        $locator = $this->description->gesture;

        return $locator === null || $locator->gesture($found->gesture->text ?? '') === $binding->gesture;
    }

    /** Chords that go from parts that stay, and those that come to them. */
    private function settleChords(): void
    {
        $chords = new CommandChords($this->description, $this->sample, $this->text);
        foreach (array_keys($this->goneChords + $this->comeChords) as $from) {
            $edits = $chords->edits($this->map()->found[$from], $this->goneChords[$from] ?? [], $this->comeChords[$from] ?? []);
            $this->edits = [...$this->edits, ...$edits];
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
            $edits = Separated::changes($this->text, $holder, $children, $gone, $this->come[$from] ?? [], $this->sample);
            $this->edits = [...$this->edits, ...$edits];
        }
    }
}
