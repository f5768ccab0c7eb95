<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/** The chords of one command where its part has several: in one text, in a list, or each in a column. */
final readonly class CommandChords
{
    public function __construct(private Description $description, private Sample $sample, private string $text)
    {
    }

    /**
     * @param  array<int, true>  $gone  by number in the part
     * @param  list<Chord>  $come
     * @return list<TextEdit>
     */
    public function edits(Found $found, array $gone, array $come): array
    {
        $locator = $this->description->chords[0];

        return match (true) {
            count($this->description->chords) > 1 => $this->blanked($found, $gone),
            $locator->between !== '' => $this->inText($found, $gone, $come, $locator->between),
            $locator->isList() => $this->inList($found, $gone, $come),
            default => $this->blanked($found, $gone),
        };
    }

    /**
     * @param  array<int, true>  $gone
     * @return list<TextEdit>
     */
    private function blanked(Found $found, array $gone): array
    {
        $spelling = $this->description->spelling;
        $edits = [];
        foreach ($found->located($this->description, $this->text) as $number => [, $located]) {
            foreach (isset($gone[$number]) ? $located : [] as $what => $one) {
                $said = match ($what) {
                    ChordLocator::HELD => $spelling->modifiers->none(),
                    ChordLocator::WHOLE, ChordLocator::KEY => $spelling->unbound(),
                    default => $spelling->no,
                };
                $edits[] = $one->over($said, $this->description->shape, $this->text);
            }
        }

        return $edits;
    }

    /**
     * @param  array<int, true>  $gone
     * @param  list<Chord>  $come
     * @param  string  $between  the sign between chords
     * @return list<TextEdit>
     */
    private function inText(Found $found, array $gone, array $come, string $between): array
    {
        $spelling = $this->description->spelling;
        $pieces = array_map(
            static fn (array $one): Located => $one[1][ChordLocator::WHOLE],
            $found->located($this->description, $this->text),
        );
        $whole = $pieces[0]->part->textAt ?? $pieces[0]->at;
        $texts = array_map($spelling->print(...), $come);
        $isUnbound = count($pieces) === 1 && $spelling->isUnbound($pieces[0]->text);
        $left = $isUnbound ? [] : array_diff_key($pieces, $gone);
        if ($left === []) {
            $said = implode($between, $texts) ?: $spelling->unbound();

            return [new TextEdit($whole, $this->description->shape->written($said, $whole->of($this->text)))];
        }
        $spans = array_map(static fn (Located $one): Span => $one->at, $pieces);
        $edits = Separated::removals($spans, $gone);
        $last = Separated::lastLeft($spans, $gone);
        if ($texts !== [] && $last !== null) {
            $said = implode('', array_map(static fn (string $one): string => $between.$one, $texts));
            $edits[] = TextEdit::insertion($last->to, Located::inside($said, $this->description->shape, $whole->of($this->text)));
        }

        return $edits;
    }

    /**
     * @param  array<int, true>  $gone
     * @param  list<Chord>  $come
     * @return list<TextEdit>
     */
    private function inList(Found $found, array $gone, array $come): array
    {
        $locator = $this->description->chords[0];
        $steps = $locator->at[ChordLocator::WHOLE] ?? $locator->at[ChordLocator::KEY];
        $list = $steps->around()->parts($found->part, $found->holders)[0] ?? null;
        $texts = array_map($this->sample->piece(...), $come);

        return match (true) {
            $list === null => [],
            $list->isSeparated => Separated::changes($this->text, $list, $list->parts, $gone, $texts, $this->sample, false),
            default => $this->inLines($list, $gone, $texts),
        };
    }

    /**
     * @param  array<int, true>  $gone
     * @param  list<string>  $texts
     * @return list<TextEdit>
     */
    private function inLines(Part $list, array $gone, array $texts): array
    {
        $edits = array_map(static fn (int $number): TextEdit => TextEdit::removal($list->parts[$number]->at()), array_keys($gone));

        return $texts === []
            ? $edits
            : [...$edits, InsertedLines::at($this->text, $list->end, implode('', $texts), $this->sample->lineEnd())];
    }
}
