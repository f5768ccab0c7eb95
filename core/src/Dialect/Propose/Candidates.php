<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Description;
use Zebrafinch\Core\Dialect\Locator;
use Zebrafinch\Core\Dialect\Shape\UnexpectedForm;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\TextEncoding;

/**
 * Tries every shape that a text could have, and in each of them every heap of parts that are alike.
 *
 * @phpstan-import-type ShapeData from Description
 */
final readonly class Candidates
{
    /** Parts of a group by which it is judged; more say nothing new. */
    private const MOST_JUDGED = 400;

    /** Parts by whose words the spelling of the chosen one is made. */
    private const MOST_READ = 20_000;

    /** @param  list<Correction>  $corrections */
    public function __construct(private string $text, private TextEncoding $encoding, private array $corrections)
    {
    }

    public function best(): ?Candidate
    {
        $best = null;
        foreach ($this->shapes() as $shape) {
            foreach ($this->groups($shape, self::MOST_JUDGED) as [$group, $strays]) {
                $candidate = $this->candidate($shape, $group, $strays);
                if ($candidate !== null && ($best === null || $candidate->score > $best->score)) {
                    $best = $candidate;
                }
            }
        }

        return $best === null || $best->group->count <= self::MOST_JUDGED ? $best : $this->complete($best);
    }

    /** The same by all its parts. */
    private function complete(Candidate $best): Candidate
    {
        foreach ($this->groups($best->shape, self::MOST_READ) as [$group, $strays]) {
            if ($group->path === $best->group->path) {
                return $this->candidate($best->shape, $group, $strays) ?? $best;
            }
        }

        return $best;
    }

    /**
     * @param  ShapeData  $shape
     * @return list<array{Group, int}> with the number of strays
     */
    private function groups(array $shape, int $most): array
    {
        try {
            [$groups, $strays] = Groups::of(Description::shape($shape, $this->encoding, ''), $shape['kind'], $this->text, $most);
        } catch (MalformedText|UnexpectedForm) {
            return [];
        }

        return array_map(static fn (Group $group): array => [$group, $strays], $groups);
    }

    /** @return list<ShapeData> */
    private function shapes(): array
    {
        $head = null;
        foreach ($this->corrections as $one) {
            if ($one->says === Correction::HEAD) {
                $line = Lines::text($this->text, $one->line);
                $head = [ltrim(mb_substr($line, 0, $one->from)), rtrim(mb_substr($line, $one->to))];
            }
        }

        return array_map(
            static fn (array $shape): array => $head !== null && in_array($shape['kind'], ['lines', 'table'], true)
                ? self::withHead($shape, $head)
                : $shape,
            ShapeCandidates::of($this->text),
        );
    }

    /**
     * @param  ShapeData  $shape
     * @param  array{string, string}  $head
     * @return ShapeData
     */
    private static function withHead(array $shape, array $head): array
    {
        $comments = array_filter($shape['comments'] ?? [], static fn (string $mark): bool => ! str_starts_with($head[0], $mark));

        return ['section' => $head, 'comments' => array_values($comments)] + $shape;
    }

    /** @param  ShapeData  $shape */
    private function candidate(array $shape, Group $group, int $strays): ?Candidate
    {
        $in = Slots::in($group, $this->text);
        $around = Slots::around($group, $this->text);
        $said = $this->said([...$in, ...$around]);
        if ($said === null) {
            return null;
        }
        $chords = ChordGuess::of($in, $said, Correction::meanings($this->corrections));
        if ($chords === null) {
            return null;
        }
        $command = $said[Role::Command->value] ?? RoleGuess::command($this->free($in, $said, Role::Command), $chords->used);
        if ($command === null || in_array($command, $chords->used, true)) {
            return null;
        }
        $used = [...$chords->used, $command];
        $gesture = isset($said[Role::Gesture->value])
            ? RoleGuess::gesture([$said[Role::Gesture->value]], [])
            : RoleGuess::gesture($in, $used);
        $used = $gesture === null ? $used : [...$used, $gesture[0]];
        $context =
            $said[Role::Context->value] ??
            RoleGuess::context(
                $this->free($in, $said, Role::Context),
                $this->free($around, $said, Role::Context),
                $used,
                $command,
                fn (Locator $locator): Slot => Slots::at($group, $locator, $this->text),
            );
        $used = $context === null ? $used : [...$used, $context];
        $title = $said[Role::Title->value] ?? RoleGuess::title($this->free($in, $said, Role::Title), $used);
        $count = $group->count;

        return new Candidate(
            $shape,
            $group,
            $count * $chords->share + $count * $chords->quality + ($context === null ? 0 : $count * 0.2) - $strays * 1.5,
            $chords,
            $command,
            $context,
            $title,
            $gesture,
            self::beside($in, $title === null ? $used : [...$used, $title], $shape['kind']),
        );
    }

    /**
     * Places that somebody pointed at, by what was said of them.
     *
     * @param  list<Slot>  $slots
     * @return array<string, Slot>|null null where a place that was pointed at is not among these parts
     */
    private function said(array $slots): ?array
    {
        $said = [];
        foreach ($this->corrections as $one) {
            $role = Role::tryFrom($one->says);
            if ($role === null) {
                continue;
            }
            $offset = $this->offset($one);
            $covering = array_values(array_filter($slots, static fn (Slot $slot): bool => $slot->covers($offset)));
            // The innermost place is meant: an item, not the list that it stands in.
            usort($covering, static fn (Slot $a, Slot $b): int => count($b->locator->in) <=> count($a->locator->in));
            if ($covering === []) {
                return null;
            }
            $said[$role->value] = $covering[0];
        }

        return $said;
    }

    private function offset(Correction $correction): int
    {
        foreach (Lines::of($this->text) as $number => [$line, $at]) {
            if ($number === $correction->line) {
                return $at->from + strlen(mb_substr($line, 0, $correction->from));
            }
        }

        return -1;
    }

    /**
     * @param  list<Slot>  $slots
     * @param  array<string, Slot>  $said
     * @return list<Slot> without those that something else was said of
     */
    private function free(array $slots, array $said, Role $role): array
    {
        return array_values(
            array_filter($slots, static fn (Slot $slot): bool => ! in_array($slot, array_diff_key($said, [$role->value => true]), true)),
        );
    }

    /**
     * @param  list<Slot>  $slots
     * @param  list<Slot>  $used
     * @return list<string>
     */
    private static function beside(array $slots, array $used, string $kind): array
    {
        $known = array_map(static fn (Slot $one): string => $one->locator->in[0] ?? '', $used);
        $names = array_map(static fn (Slot $one): string => $one->locator->in[0] ?? '', $slots);

        return $kind === 'members' || $kind === 'elements'
            ? array_values(array_diff(array_unique($names), $known, ['', Locator::EACH, Locator::ONLY]))
            : [];
    }
}
