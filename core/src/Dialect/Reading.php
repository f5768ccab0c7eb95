<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Dialect\Shape\Bounds;
use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/** One pass over a key file, which makes bindings of what is found in it, and says of all else why it is none. */
final class Reading
{
    /** @var list<Entry|null> null for those that something further down took out of use */
    private array $entries = [];

    /** @var array<string, int> */
    private array $insertAt = [];

    /** @var array<string, int> by the names on the way to a part: the index of its first entry */
    private array $begun = [];

    /** @var array<int, string> by the index of an entry: the names on the way to it */
    private array $ways = [];

    /** @var array<string, int> by the names on the way to a binding and its own: the index of its first entry */
    private array $named = [];

    private readonly Findings $findings;

    private readonly DialectWords $words;

    public function __construct(
        private readonly Description $description,
        private readonly ChordReading $chords,
        private readonly Application $application,
        private readonly string $text,
    ) {
        $this->findings = new Findings();
        $this->words = new DialectWords($description, $application);
    }

    /** @throws UnreadableKeyFile|\Zebrafinch\Core\Text\MalformedText|Shape\UnexpectedForm */
    public function keyFile(): KeyFile
    {
        foreach ((new Finder($this->description))->find($this->text) as $found) {
            match (true) {
                $found instanceof Found => $this->take($found),
                $found instanceof Stray => $this->leave($found),
                default => $this->pass($found),
            };
        }

        return new KeyFile(
            $this->application,
            $this->text,
            array_values(array_filter($this->entries, static fn (?Entry $entry): bool => $entry !== null)),
            $this->findings->told(),
            $this->findings->untold(),
            $this->insertAt,
        );
    }

    private function leave(Stray $stray): void
    {
        $stray->isName
            ? $this->findings->add(FindingKind::Preserved, $stray->line, $stray->text, "Not understood and preserved: {$stray->what}.")
            : $this->findings->notRead($stray->line, $stray->text, $stray->what);
    }

    /** A part around bindings: where new ones of its context belong, and whether it takes the place of one further up. */
    private function pass(Entered $entered): void
    {
        $part = $entered->part;
        if ($this->description->kind === 'members' && ! $entered->isLeft && $part->name !== null) {
            $this->overrule($entered->holders, $part);
        }
        $isContext = count($entered->holders) === count($this->description->path) - 1 - $this->description->contextUp();
        if (! $isContext || $this->description->contextUp() === 0) {
            return;
        }
        $located = $this->description->context?->within($part, $entered->holders, $this->text);
        if ($located === null) {
            return;
        }
        $context = $this->words->context($located->text);
        if ($context !== null) {
            $this->insertAt[$context] = $part->end;
        } elseif (! $entered->isLeft) {
            $this->unknownContext(
                $part->line,
                $located->text,
                $this->description->kind === 'elements' ? $part->at()->of($this->text) : $located->text,
            );
        }
    }

    /**
     * Of members of one name every reader of the form keeps the last.
     *
     * @param  list<Part>  $holders
     */
    private function overrule(array $holders, Part $part): void
    {
        $way = implode("\0", array_map(static fn (Part $one): string => $one->name ?? "\1{$one->from}", [...$holders, $part]));
        for ($index = $this->begun[$way] ?? count($this->entries); $index < count($this->entries); $index++) {
            $entry = $this->entries[$index];
            if ($entry !== null && $this->isWithin($index, $way)) {
                $this->takeOut($index, "\"{$part->name}\" begins again in line {$part->line}, and only that is obeyed.");
            }
        }
        $this->begun[$way] = count($this->entries);
    }

    private function isWithin(int $index, string $way): bool
    {
        return str_starts_with(($this->ways[$index] ?? '')."\0", "{$way}\0");
    }

    private function takeOut(int $index, string $why): void
    {
        $entry = $this->entries[$index];
        if ($entry !== null) {
            $this->findings->add(FindingKind::Dead, $entry->line, $entry->at->of($this->text), "Never obeyed: {$why}");
            $this->entries[$index] = null;
        }
    }

    /** Where the command is the name of a member, a second of that name takes its place. */
    private function overruleNamed(Found $found): void
    {
        if ($this->description->kind !== 'members' || ! $this->description->command->isOwnName() || $found->part->name === null) {
            return;
        }
        $name = $this->way($found)."\0\0{$found->part->name}";
        $line = $found->part->line;
        $first = $this->named[$name] ?? null;
        $at = $first === null ? null : ($this->entries[$first] ?? null)?->at;
        for ($index = (int) $first; $at !== null && ($this->entries[$index] ?? null)?->at->from === $at->from; $index++) {
            $this->takeOut($index, "\"{$found->part->name}\" comes again in line {$line}, and only that is obeyed.");
        }
        $this->named[$name] = count($this->entries);
    }

    private function take(Found $found): void
    {
        $part = $found->part;
        $said = $part->at()->of($this->text);
        $context = $this->context($found, $said);
        if ($context === null) {
            return;
        }
        $command = $found->command;
        if ($found->fault !== null || $command === null) {
            $this->findings->notRead($part->line, $said, $found->fault ?? 'The name of what it runs is missing.');

            return;
        }
        $gesture = $this->gesture($found, $part->line, $said);
        if ($gesture === null) {
            return;
        }
        $word = $this->words->command($context, $command->text);
        $this->overruleNamed($found);
        $bound = 0;
        foreach ($found->chords as $chord) {
            $bound += $this->bind($found, $chord, $word, $context, $gesture, $said);
        }
        $this->insertAt[$context] =
            $this->description->contextUp() > 0 && $found->holders !== [] ? max($this->insertAt[$context] ?? 0, $part->to) : $part->to;
        if ($bound > 0 && ! $this->application->knows($word)) {
            $this->findings->add(
                FindingKind::UnknownCommand,
                $part->line,
                $said,
                "The catalogue of {$this->application->name} has no command \"{$word}\"; the line is preserved, and it holds its chord.",
            );
        }
        if ($found->unknown !== []) {
            $this->findings->add(
                FindingKind::Preserved,
                $part->line,
                $said,
                'Not understood and preserved: '.implode(', ', $found->unknown).'.',
            );
        }
    }

    /** @return string|null null where there is none; that has been said then */
    private function context(Found $found, string $said): ?string
    {
        $word = $found->context?->text;
        if ($this->description->context === null || ($word === null && $this->description->outside && $found->holders === [])) {
            return ContextTree::EVERYWHERE;
        }
        $context = $word === null ? null : $this->words->context($word);
        if ($context === null && $this->description->contextUp() > 0) {
            $this->findings->notRead($found->part->line, $said, 'This stands in no context that is known.');
        } elseif ($context === null) {
            $this->unknownContext($found->part->line, (string) $word, $said);
        }

        return $context;
    }

    private function unknownContext(int $line, string $word, string $said): void
    {
        $this->findings->notRead($line, $said, "{$this->application->name} has no context \"{$word}\".");
    }

    private function gesture(Found $found, int $line, string $said): ?Gesture
    {
        $locator = $this->description->gesture;
        if ($locator === null) {
            return Gesture::Tap;
        }
        $word = $found->gesture->text ?? '';
        $gesture = $locator->gesture($word);
        if ($gesture === null) {
            $this->findings->notRead($line, $said, "\"{$word}\" is neither {$locator->words()}.");
        }

        return $gesture;
    }

    /**
     * @param  array<string, Located>  $chord
     * @return int how many bindings it made
     */
    private function bind(Found $found, array $chord, string $command, string $context, Gesture $gesture, string $said): int
    {
        $first = $chord[ChordLocator::WHOLE] ?? $chord[ChordLocator::KEY];
        if ($this->description->spelling->isUnbound($first->text)) {
            return 0;
        }
        $part = $found->part;
        try {
            $binding = new Binding($this->chords->chord($chord), $command, $context, $gesture);
        } catch (UnreadableChord $error) {
            $this->findings->add(
                FindingKind::NotUnderstood,
                $part->line,
                $said,
                "{$error->getMessage()} The line stays in the file and is not read.",
            );

            return 0;
        }
        if (count($this->entries) >= Bounds::MOST_BINDINGS) {
            throw UnreadableKeyFile::tooMany('bindings', Bounds::MOST_BINDINGS);
        }
        $index = count($this->entries);
        if ($this->description->kind === 'members') {
            $this->ways[$index] = $this->way($found);
        }
        $this->entries[] = new Entry($binding, $part->line, $part->at(), Located::around($chord));

        return 1;
    }

    private function way(Found $found): string
    {
        return implode("\0", array_map(static fn (Part $one): string => $one->name ?? "\1{$one->from}", $found->holders));
    }
}
