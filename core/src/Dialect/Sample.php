<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/** The short file that a description brings: new bindings are written as the one that stands there. */
final readonly class Sample
{
    private function __construct(
        private Description $description,
        private ChordReading $chords,
        private string $text,
        private Found $found,
    ) {
    }

    /** @throws InvalidDescription when no binding is found in it */
    public static function of(Description $description, ChordReading $chords): self
    {
        $first = null;
        try {
            // To its end, behind which only it is known where the parts around the binding end.
            foreach ((new Finder($description))->find($description->sample) as $found) {
                if ($found instanceof Found && $found->fault === null && $found->command !== null && $found->chords !== []) {
                    $first ??= $found;
                }
            }
        } catch (Shape\UnexpectedForm|\Zebrafinch\Core\Text\MalformedText $error) {
            throw InvalidDescription::because($description->id, "its sample cannot be read: {$error->getMessage()}");
        }

        return $first === null
            ? throw InvalidDescription::because($description->id, 'its sample holds no binding')
            : new self($description, $chords, $description->sample, $first);
    }

    /** A file of this dialect without any binding. */
    public function blank(): string
    {
        $part = $this->found->part;
        $up = $this->description->contextUp();
        $hasHeads = in_array($this->description->kind, ['lines', 'table'], true);
        if ($up > 0 && ! $hasHeads) {
            $part = $this->found->holders[count($this->found->holders) - $up] ?? $part;
        }

        return TextEdits::apply($this->text, [TextEdit::removal($part->at())]);
    }

    /**
     * The text of the part of a command with its chords, with its line where it has one to itself.
     *
     * @param  non-empty-list<Binding>  $bindings  of one command in one context; several only where the form has places for them
     */
    public function entry(array $bindings, DialectWords $words): string
    {
        $binding = $bindings[0];
        $edits = [
            ...$this->word($this->found->command, $words->commandWord($binding->context, $binding->command)),
            ...$this->contextWord($binding, $words),
            ...$this->gesture($binding),
            ...$this->title($binding, $words),
            ...$this->chord($this->found->chords[0], $binding->chord),
            ...$this->further(array_map(static fn (Binding $one): Chord => $one->chord, array_slice($bindings, 1))),
        ];

        return $this->within($this->found->part->at(), $edits);
    }

    /** How many chords of one command have places in one part. */
    public function most(): int
    {
        $locators = $this->description->chords;

        return $locators[0]->isList() || $locators[0]->between !== '' ? PHP_INT_MAX : max(count($locators), 1);
    }

    /**
     * Chords behind the first.
     *
     * @param  list<Chord>  $chords
     * @return list<TextEdit>
     */
    private function further(array $chords): array
    {
        $edits = [];
        foreach (array_slice($this->found->chords, 1) as $index => $located) {
            foreach (isset($chords[$index]) ? [] : $located as $one) {
                $edits = [...$edits, ...$this->word($one, $this->description->spelling->unbound())];
            }
            $edits = isset($chords[$index]) ? [...$edits, ...$this->chord($located, $chords[$index])] : $edits;
        }
        $locator = $this->description->chords[0];
        if ($locator->isList() && $chords !== []) {
            $list = $this->list();
            $first = $list->parts[0];
            $glue = $list->isSeparated ? ',' : '';
            $edits[] = TextEdit::insertion(
                $first->to,
                implode('', array_map(fn (Chord $one): string => $glue.$this->piece($one), $chords)),
            );
        } elseif ($locator->between !== '' && $chords !== []) {
            $said = implode(
                '',
                array_map(fn (Chord $one): string => $locator->between.$this->description->spelling->print($one), $chords),
            );
            $whole = ($this->found->chords[0][ChordLocator::WHOLE]->part->textAt ?? new Span(0, 0))->of($this->text);
            $edits[] = TextEdit::insertion(
                Located::around($this->found->chords[0])->to,
                Located::inside($said, $this->description->shape, $whole),
            );
        }

        return $edits;
    }

    /**
     * @return list<TextEdit>
     *
     * @throws CannotBeWritten where the command says its context itself, and that is another one
     */
    private function contextWord(Binding $binding, DialectWords $words): array
    {
        $context = $this->found->context;
        if ($context === null || $this->description->contextUp() > 0) {
            return [];
        }
        if ($this->description->saysContextInCommand()) {
            return $words->fitsContext($binding->context, $binding->command)
                ? []
                : throw CannotBeWritten::otherContext($binding->command, $binding->context);
        }

        return $this->word($context, $words->contextWord($binding->context));
    }

    private function list(): Part
    {
        $locator = $this->description->chords[0];
        $steps = $locator->at[ChordLocator::WHOLE] ?? $locator->at[ChordLocator::KEY];

        return $steps->around()->parts($this->found->part, $this->found->holders)[0];
    }

    /** The text of one chord in a list of them. */
    public function piece(Chord $chord): string
    {
        $part = $this->list()->parts[0];

        return $this->within($part->at(), $this->chord($this->found->chords[0], $chord));
    }

    /**
     * The parts of several commands.
     *
     * @param  list<Binding>  $bindings
     * @return list<string>
     */
    public function entries(array $bindings, DialectWords $words): array
    {
        if ($this->most() === 1) {
            return array_map(fn (Binding $one): string => $this->entry([$one], $words), $bindings);
        }
        $byCommand = [];
        foreach ($bindings as $binding) {
            $byCommand["{$binding->context} {$binding->command} {$binding->gesture->value}"][] = $binding;
        }
        $texts = [];
        foreach ($byCommand as $same) {
            foreach (array_chunk($same, max(1, min($this->most(), count($same)))) as $together) {
                $texts[] = $this->entry($together, $words);
            }
        }

        return $texts;
    }

    /**
     * The text of a part that holds the bindings of one context.
     *
     * @param  non-empty-list<Binding>  $bindings
     */
    public function context(array $bindings, DialectWords $words): string
    {
        $holder = $this->found->holders[count($this->found->holders) - $this->description->contextUp()] ?? $this->found->part;
        $glue = $this->isSeparated() ? ',' : '';
        $entries = implode($glue, $this->entries($bindings, $words));

        return $this->within($holder->at(), [
            ...$this->word($this->found->context, $words->contextWord($bindings[0]->context)),
            new TextEdit($this->found->part->at(), $entries),
        ]);
    }

    /** What stands between the last part and the sign that closes what holds it. */
    public function closing(): string
    {
        $holder = $this->found->holders[count($this->found->holders) - 1] ?? null;
        $end = $holder->end ?? strlen(rtrim($this->text)) - 1;

        return $end < $this->found->part->to ? '' : (new Span($this->found->part->to, $end))->of($this->text);
    }

    public function lineEnd(): string
    {
        return Lines::end($this->text);
    }

    /** A chord as it stands in the file, with quotes where the form has them. */
    public function spelled(Chord $chord): string
    {
        $located = $this->found->chords[0];

        return $this->within(Located::around($located), $this->chord($located, $chord));
    }

    private function isSeparated(): bool
    {
        return ($this->found->holders[count($this->found->holders) - 1] ?? new Part(null, null, 0, 0))->isSeparated;
    }

    /** @return list<TextEdit> */
    private function word(?Located $located, string $word): array
    {
        return $located === null ? [] : [$located->over($word, $this->description->shape, $this->text)];
    }

    /** @return list<TextEdit> */
    private function title(Binding $binding, DialectWords $words): array
    {
        $title = $this->description->title?->find($this->found->part, $this->found->holders, $this->text)[0] ?? null;

        return $this->word($title, $words->commandName($binding->command));
    }

    /** @return list<TextEdit> */
    private function gesture(Binding $binding): array
    {
        return $this->description->gesture === null
            ? []
            : $this->word($this->found->gesture, $this->description->gesture->word($binding->gesture));
    }

    /**
     * @param  array<string, Located>  $located
     * @return list<TextEdit>
     */
    private function chord(array $located, Chord $chord): array
    {
        return ChordEdits::of($this->description, $this->chords, $this->text, $this->description->chords[0], $located, $chord);
    }

    /**
     * A stretch of the sample after edits within it.
     *
     * @param  list<TextEdit>  $edits
     */
    private function within(Span $at, array $edits): string
    {
        $moved = array_map(
            static fn (TextEdit $edit): TextEdit => new TextEdit(
                new Span($edit->at->from - $at->from, $edit->at->to - $at->from),
                $edit->text,
            ),
            $edits,
        );

        return TextEdits::apply($at->of($this->text), $moved);
    }
}
