<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** A set of modifiers; together with nothing else it names a layer of the board. */
final readonly class Modifiers
{
    private function __construct(private int $bits)
    {
    }

    public static function of(Modifier ...$modifiers): self
    {
        return new self(array_reduce($modifiers, static fn (int $bits, Modifier $one): int => $bits | $one->bit(), 0));
    }

    public function with(Modifier $modifier): self
    {
        return new self($this->bits | $modifier->bit());
    }

    public function without(Modifier $modifier): self
    {
        return new self($this->bits & ~$modifier->bit());
    }

    public function has(Modifier $modifier): bool
    {
        return ($this->bits & $modifier->bit()) !== 0;
    }

    /** A number of its own for each set. */
    public function mask(): int
    {
        return $this->bits;
    }

    public function isEmpty(): bool
    {
        return $this->bits === 0;
    }

    public function count(): int
    {
        return count($this->all());
    }

    /** @return list<Modifier> in the order in which they are written */
    public function all(): array
    {
        /** @var array<int, list<Modifier>> $known there are no more than 64 sets */
        static $known = [];

        return $known[$this->bits] ??= array_values(array_filter(Modifier::cases(), $this->has(...)));
    }

    /** As they stand before the key of a chord: `Primary+Shift+`. */
    public function written(): string
    {
        /** @var array<int, string> $known */
        static $known = [];

        return $known[$this->bits] ??= implode('', array_map(static fn (Modifier $one): string => "{$one->value}+", $this->all()));
    }

    public function union(self $other): self
    {
        return new self($this->bits | $other->bits);
    }

    public function equals(self $other): bool
    {
        return $this->bits === $other->bits;
    }

    /** The keys that are really held on one system: `Primary` and `AltGraph` become what they are there. */
    public function on(System $system): self
    {
        $held = $this->has(Modifier::Primary) ? $this->without(Modifier::Primary)->with($system->primary()) : $this;

        return $held->has(Modifier::AltGraph) ? $held->without(Modifier::AltGraph)->union(self::of(...$system->altGraph())) : $held;
    }

    /** The opposite of {@see on()}: the system's primary key is written as `Primary`, so that it follows to other systems. */
    public function writtenFrom(System $system): self
    {
        return $this->has($system->primary()) ? $this->without($system->primary())->with(Modifier::Primary) : $this;
    }
}
