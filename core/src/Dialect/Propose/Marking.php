<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\ChordLocator;
use Zebrafinch\Core\Dialect\ChordReading;
use Zebrafinch\Core\Dialect\Description;
use Zebrafinch\Core\Dialect\Finder;
use Zebrafinch\Core\Dialect\Found;
use Zebrafinch\Core\Dialect\Located;
use Zebrafinch\Core\Dialect\Stray;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;

/** A key file with all that a description understands marked where it stands, before any catalogue says what it is for. */
final class Marking
{
    /** @var array<int, string> marks as what they are and what they mean, by the offsets `from:to` */
    private array $spans = [];

    /** @var array<int, string> why lines are left, by number */
    private array $left = [];

    private int $bindings = 0;

    private readonly ChordReading $chords;

    private readonly int $lineCount;

    private function __construct(private readonly Description $description, private readonly string $text)
    {
        $this->lineCount = Lines::count($text);
        $this->chords = new ChordReading($description->spelling);
    }

    public static function of(Description $description, string $text): self
    {
        $marking = new self($description, $text);
        foreach ((new Finder($description))->find($text) as $found) {
            if ($found instanceof Found) {
                $marking->take($found);
            } elseif ($found instanceof Stray && ! $found->isName) {
                $marking->left[$found->line] = $found->what;
            }
        }

        return $marking;
    }

    /** How many chords were read. */
    public function bindings(): int
    {
        return $this->bindings;
    }

    /** @return array<int, string> why lines are left, by their numbers */
    public function left(): array
    {
        ksort($this->left);

        return $this->left;
    }

    public function lineCount(): int
    {
        return $this->lineCount;
    }

    /** @return list<MarkedLine> from one line to another, both counted from 1 and included */
    public function lines(int $first, int $last): array
    {
        ksort($this->spans);
        $offsets = array_keys($this->spans);
        $at = 0;
        $lines = [];
        foreach (Lines::of($this->text, ByteOrderMark::length($this->text)) as $number => [$said, $span]) {
            while ($at < count($offsets) && $offsets[$at] < $span->from) {
                $at++;
            }
            // Behind the last line end nothing stands that would be a line.
            if ($number > min($last, $this->lineCount)) {
                break;
            }
            $marks = [];
            while ($at < count($offsets) && $offsets[$at] <= $span->to) {
                if ($number >= $first) {
                    [$length, $is, $means] = explode("\0", $this->spans[$offsets[$at]], 3);
                    $from = mb_strlen(substr($said, 0, $offsets[$at] - $span->from));
                    $marked = substr($said, $offsets[$at] - $span->from, (int) $length);
                    $marks[] = new LineMark($from, $from + mb_strlen($marked), $is, $means);
                }
                $at++;
            }
            if ($number >= $first) {
                $lines[] = new MarkedLine($number, $said, $marks, $this->left[$number] ?? null);
            }
        }

        return $lines;
    }

    private function take(Found $found): void
    {
        if ($found->fault !== null) {
            $this->left[$found->part->line] = $found->fault;
        }
        $this->mark($found->command, Role::Command->value);
        $this->mark($found->context, Role::Context->value);
        $this->mark($found->gesture, Role::Gesture->value);
        $this->mark($this->description->title?->find($found->part, $found->holders, $this->text)[0] ?? null, Role::Title->value);
        foreach ($found->chords as $chord) {
            $this->chord($found, $chord);
        }
    }

    /** @param  array<string, Located>  $chord */
    private function chord(Found $found, array $chord): void
    {
        $first = $chord[ChordLocator::WHOLE] ?? $chord[ChordLocator::KEY];
        if ($this->description->spelling->isUnbound($first->text)) {
            return;
        }
        try {
            $means = $this->chords->chord($chord)->id();
            $this->bindings += $found->fault === null ? 1 : 0;
        } catch (UnreadableChord $error) {
            $this->left[$found->part->line] = $error->getMessage();

            return;
        }
        foreach ($chord as $what => $located) {
            $is = in_array($what, [ChordLocator::WHOLE, ChordLocator::HELD, ChordLocator::KEY], true) ? $what : 'modifier';
            $this->mark($located, $is, $means);
        }
    }

    private function mark(?Located $located, string $is, string $means = ''): void
    {
        if ($located !== null && $located->at->to > $located->at->from) {
            $at = $this->inside($located->at);
            $length = $at->to - $at->from;
            // A context at the beginning of a command is a mark of its own beside it.
            if (isset($this->spans[$at->from]) && $is === Role::Context->value) {
                [$whole, $other, $otherMeans] = explode("\0", $this->spans[$at->from], 3);
                $rest = (int) $whole - $length;
                if ($other === Role::Command->value && $rest > 0) {
                    $this->spans[$at->to] = "{$rest}\0{$other}\0{$otherMeans}";
                }
            }
            $this->spans[$at->from] = "{$length}\0{$is}\0{$means}";
        }
    }

    /** Without the quotes around it. */
    private function inside(Span $at): Span
    {
        $first = $this->text[$at->from];

        return in_array($first, ['"', "'"], true) && $at->to - $at->from > 2 && $this->text[$at->to - 1] === $first
            ? new Span($at->from + 1, $at->to - 1)
            : $at;
    }
}
