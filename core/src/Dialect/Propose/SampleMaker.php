<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\ChordLocator;
use Zebrafinch\Core\Dialect\Description;
use Zebrafinch\Core\Dialect\Finder;
use Zebrafinch\Core\Dialect\Found;
use Zebrafinch\Core\Dialect\Located;
use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Dialect\Shape\Step;
use Zebrafinch\Core\Dialect\TextEdits;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/** Cuts the sample of a description out of a key file: one binding, and what stands around it. */
final readonly class SampleMaker
{
    /** What stands before the first part, such as comments, is taken over up to here. */
    private const MOST_HEAD = 2_000;

    public static function of(Description $description, string $text): string
    {
        $chosen = null;
        foreach ((new Finder($description))->find($text) as $found) {
            if ($found instanceof Found && $found->fault === null && $found->chords !== [] && ! self::isUnbound($found, $description)) {
                $chosen = $chosen === null || count($found->chords) < count($chosen->chords) ? $found : $chosen;
            }
        }
        if ($chosen === null) {
            return '';
        }
        $inner = self::withOneChord($chosen, $description, $text);
        $child = $chosen->part;
        for ($index = count($chosen->holders) - 1; $index >= 0; $index--) {
            $holder = $chosen->holders[$index];
            $inside = self::inside($holder, $child, $description->path[$index + 1] ?? null, $description, $text);
            $inner =
                substr($text, $holder->from, $inside->from - $holder->from).
                $inner.
                substr($text, $inside->to, $holder->to - $inside->to);
            $child = $holder;
        }
        $around = self::inside(null, $child, $description->path[0], $description, $text);
        $head = substr($text, 0, $around->from);
        $tail = in_array($description->kind, ['members', 'elements'], true) ? substr($text, $around->to) : '';

        return (strlen($head) > self::MOST_HEAD ? '' : $head).$inner.$tail;
    }

    private static function isUnbound(Found $found, Description $description): bool
    {
        $first = $found->chords[0][ChordLocator::WHOLE] ?? $found->chords[0][ChordLocator::KEY];

        return $description->spelling->isUnbound($first->text);
    }

    /**
     * From where the first of the parts that are like one begins to where the last ends; those that have another name stay.
     *
     * @param  Part|null  $holder  null for the file itself
     */
    private static function inside(?Part $holder, Part $child, ?string $name, Description $description, string $text): Span
    {
        if ($name !== null && $description->kind !== 'elements' && $description->kind !== 'calls') {
            return $child->at();
        }
        $open = [];
        $from = null;
        $to = $child->to;
        foreach ($description->shape->walk($text) as $step => $part) {
            if ($step === Step::In) {
                $open[] = $part;
            } elseif ($step === Step::Out) {
                array_pop($open);
                $around = $open[count($open) - 1] ?? null;
                if ($around?->start === $holder?->start && ($name === null || $part->name === $name)) {
                    $from ??= $part->from;
                    $to = $part->to;
                }
            }
        }

        return new Span($from ?? $child->from, $to);
    }

    private static function withOneChord(Found $found, Description $description, string $text): string
    {
        $part = $found->part;
        $edits = [];
        if (count($description->chords) === 1 && count($found->chords) > 1) {
            $all = array_map(static fn (array $chord): Span => Located::around($chord), $found->chords);
            $edits[] = TextEdit::removal(new Span($all[0]->to, $all[count($all) - 1]->to));
        }
        $said = TextEdits::apply(
            $part->at()->of($text),
            array_map(
                static fn (TextEdit $one): TextEdit => new TextEdit(
                    new Span($one->at->from - $part->from, $one->at->to - $part->from),
                    $one->text,
                ),
                $edits,
            ),
        );
        $isLine = Lines::startAt($text, $part->from) && ! $part->isSeparated && $description->kind !== 'members';

        return $isLine && preg_match('/[\r\n]$/', $said) !== 1 ? $said.Lines::end($text) : $said;
    }
}
