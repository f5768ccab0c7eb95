<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Bounds;
use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Dialect\Shape\Step;
use Zebrafinch\Core\Dialect\Shape\UnexpectedForm;
use Zebrafinch\Core\Text\MalformedText;

/** Goes through a key file by its description and tells what stands where, without understanding any of it. */
final readonly class Finder
{
    private int $depth;

    /** @var array<int, array<string, true>> by depth: names that locators ask for in parts around bindings */
    private array $asked;

    /** @var array<string, true> names in the part of a binding that something is known of */
    private array $known;

    /** @var bool whether any name in the part of a binding is asked for */
    private bool $knowsAll;

    public function __construct(private Description $description)
    {
        $this->depth = count($description->path);
        $asked = [];
        $known = array_fill_keys($description->beside, true);
        $locators = [$description->command];
        foreach ($description->chords as $chord) {
            array_push($locators, ...array_values($chord->at));
        }
        foreach ([$description->context, $description->title, $description->gesture?->at] as $locator) {
            $locators = $locator === null ? $locators : [...$locators, $locator];
        }
        $knowsAll = false;
        foreach ($locators as $locator) {
            $first = $locator->in[0] ?? null;
            if ($locator->up > 0 && $first !== null) {
                $asked[$this->depth - $locator->up][$first] = true;
            } elseif ($first !== null) {
                $known[$first] = true;
                $knowsAll = $knowsAll || $first === Locator::EACH || $first === Locator::ONLY;
            }
        }
        $this->asked = $asked;
        $this->known = $known;
        $this->knowsAll = $knowsAll;
    }

    /**
     * @return iterable<Found|Stray|Entered> in file order
     *
     * @throws UnexpectedForm|MalformedText
     */
    public function find(string $text): iterable
    {
        /** @var list<Part> $open */
        $open = [];
        /** @var list<bool> $onPath for each that is open, whether bindings may stand in it */
        $onPath = [];
        $parts = 0;
        $reached = 0;
        foreach ($this->description->shape->walk($text) as $step => $part) {
            if ($step === Step::Stray) {
                yield new Stray($part->line, $part->at()->of($text), (string) $part->text, false);

                continue;
            }
            if ($step === Step::In) {
                if (++$parts > Bounds::MOST_PARTS) {
                    throw MalformedText::at($part->line, 'it has more than '.number_format(Bounds::MOST_PARTS).' parts');
                }
                $depth = count($open) + 1;
                $isOn =
                    ($onPath === [] || $onPath[count($onPath) - 1]) &&
                    $depth <= $this->depth &&
                    $this->isNamed($part, $depth) &&
                    ($depth === $this->depth || $part->text === null || $this->description->kind !== 'members');
                $this->requireFirst($part, $depth, $isOn);
                $open[] = $part;
                $onPath[] = $isOn;
                $reached = $isOn ? max($reached, $depth) : $reached;
                if ($isOn && $depth < $this->depth && ! $this->isOutside($part, $depth)) {
                    yield new Entered($part, array_slice($open, 0, -1), false);
                }

                continue;
            }
            array_pop($open);
            $isOn = array_pop($onPath) === true;
            $depth = count($open) + 1;
            if ($isOn && $depth === $this->depth) {
                yield $this->found($part, $open, $text);
            } elseif ($isOn && $this->isOutside($part, $depth)) {
                yield $this->found($part, $open, $text);
            } elseif ($isOn) {
                yield new Entered($part, $open, true);
            } elseif ($depth > $this->depth && $onPath !== [] && ($onPath[$this->depth - 1] ?? false)) {
                $before = $this->attach($open[count($open) - 1], $part);
                if ($before !== null) {
                    yield new Stray(
                        $before->line,
                        $before->at()->of($text),
                        "\"{$part->name}\" comes again in line {$part->line}, and only that is obeyed.",
                        false,
                    );
                }
            } elseif (isset($this->asked[$depth - 1][(string) $part->name]) && $depth > 1) {
                $open[count($open) - 1]->parts[] = $part;
            } elseif (! $this->isBeside($part, $depth)) {
                yield $this->stray($part, $text);
            }
        }
        $this->requireReached($reached);
    }

    /** @return Part|null one of the same name whose place it takes, as every reader of members has it */
    private function attach(Part $holder, Part $part): ?Part
    {
        foreach ($this->description->kind === 'members' && $part->name !== null ? $holder->parts : [] as $index => $other) {
            if ($other->name === $part->name) {
                array_splice($holder->parts, $index, 1, [$part]);

                return $other;
            }
        }
        $holder->parts[] = $part;

        return null;
    }

    private function isNamed(Part $part, int $depth): bool
    {
        $name = $this->description->path[$depth - 1] ?? null;

        return ($name === null && ! isset($this->asked[$depth - 1][(string) $part->name])) || $part->name === $name;
    }

    /** Whether it is a line or a row before the first section, which bindings may be. */
    private function isOutside(Part $part, int $depth): bool
    {
        return $depth < $this->depth &&
            ($part->text !== null || $part->parts !== []) &&
            in_array($this->description->kind, ['lines', 'table'], true);
    }

    private function isBeside(Part $part, int $depth): bool
    {
        return $depth <= $this->depth && in_array($part->name, $this->description->beside, true);
    }

    /** @throws UnexpectedForm where the file cannot be of this dialect */
    private function requireFirst(Part $part, int $depth, bool $isOn): void
    {
        $description = $this->description;
        if ($depth === 1 && ! $isOn && $description->kind === 'elements') {
            throw UnexpectedForm::first("<{$description->path[0]}>", "<{$part->name}>", $part->line);
        }
        if ($this->isOutside($part, $depth) && ! $description->outside) {
            throw UnexpectedForm::first(
                'a section before the first chord',
                '"'.mb_strimwidth($part->name ?? ($part->parts[0]->text ?? ''), 0, 60, '…').'"',
                $part->line,
            );
        }
    }

    /** @throws UnexpectedForm where nothing was found that bindings could stand in */
    private function requireReached(int $reached): void
    {
        $description = $this->description;
        $name = $description->path[0];
        $wanted = match (true) {
            $reached > 0 || $description->outside => null,
            $name !== null && $description->kind === 'members' => "\"{$name}:\"",
            in_array($description->kind, ['lines', 'table'], true) && $this->depth > 1 => 'sections',
            default => null,
        };
        if ($wanted !== null) {
            throw UnexpectedForm::first($wanted, 'none', 1);
        }
    }

    /** @param  list<Part>  $holders */
    private function found(Part $part, array $holders, string $text): Found
    {
        $description = $this->description;
        $commands = $description->command->find($part, $holders, $text);
        $chords = [];
        foreach ($description->chords as $locator) {
            array_push($chords, ...$locator->find($part, $holders, $text));
        }
        $unknown = [];
        foreach ($this->knowsAll || in_array($description->kind, ['table', 'calls', 'lines'], true) ? [] : $part->parts as $inner) {
            if ($inner->name !== null && ! isset($this->known[$inner->name])) {
                $unknown[] = ltrim($inner->name, '@');
            }
        }
        $command = count($commands) === 1 ? $commands[0] : null;
        $context = $description->context?->find($part, $holders, $text)[0] ?? null;

        return new Found(
            $part,
            $holders,
            $context,
            $command,
            $chords,
            $description->gesture?->at->find($part, $holders, $text)[0] ?? null,
            $this->fault($part, $command, count($commands), $chords),
            $unknown,
        );
    }

    /** @param  list<array<string, Located>>  $chords */
    private function fault(Part $part, ?Located $command, int $commands, array $chords): ?string
    {
        return match (true) {
            $commands > 1 => 'It names more than one thing to run.',
            $this->description->kind === 'table' && ($command === null || $chords === []) => 'The line has '.
                count($part->parts).
                ' fields, which are too few.',
            $command === null || $this->isNoName($command) => 'The name of what it runs is missing.',
            $chords === [] && ! $this->description->listsUnbound => 'The chord is missing.',
            default => null,
        };
    }

    private function stray(Part $part, string $text): Stray
    {
        $said = trim($part->at()->of($text));

        return $this->description->kind === 'elements'
            ? new Stray($part->line, $said, "<{$part->name}> is not part of a key file.", false)
            : new Stray($part->line, $said, (string) ($part->name ?? ($part->text ?? 'an item')), true);
    }

    /** Numbers and bare words of members are values of another kind; elsewhere nothing tells them from names. */
    private function isNoName(Located $command): bool
    {
        return trim($command->text) === '' || (! $command->isQuoted && $this->description->kind === 'members');
    }
}
