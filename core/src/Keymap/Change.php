<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/**
 * One step on a keymap: bindings that go and bindings that come. Undoing is applying the inverse.
 *
 * @phpstan-type BindingData array{chord: string, command: string, context: string, gesture: string}
 */
final readonly class Change
{
    /**
     * @param  list<Binding>  $removed
     * @param  list<Binding>  $added
     */
    private function __construct(public array $removed, public array $added)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public function adding(Binding ...$bindings): self
    {
        return new self($this->removed, [...$this->added, ...array_values($bindings)]);
    }

    public function removing(Binding ...$bindings): self
    {
        return new self([...$this->removed, ...array_values($bindings)], $this->added);
    }

    public function inverse(): self
    {
        return new self($this->added, $this->removed);
    }

    public function isEmpty(): bool
    {
        return $this->removed === [] && $this->added === [];
    }

    /** What leads from one list of bindings to another, by meaning: the order of lines is not looked at. */
    public static function between(Bindings $from, Bindings $to): self
    {
        return new self($to->lacking($from), $from->lacking($to));
    }

    /**
     * The bindings this change wanted to remove that are gone, and those it wanted to add that are already there:
     * it can be made on these bindings without losing anybody's work only when the list is empty.
     *
     * @return list<Binding>
     */
    public function conflictsWith(Bindings $bindings): array
    {
        $left = $bindings->minus(...$this->removed);

        return [
            ...array_values(array_filter($this->removed, static fn (Binding $one): bool => ! $bindings->has($one))),
            ...array_values(array_filter($this->added, static fn (Binding $one): bool => $left->has($one))),
        ];
    }

    /** @param  array{removed: list<BindingData>, added: list<BindingData>}  $data */
    public static function fromData(array $data): self
    {
        return new self(Bindings::fromData($data['removed'])->all(), Bindings::fromData($data['added'])->all());
    }

    /** @return array{removed: list<BindingData>, added: list<BindingData>} */
    public function toData(): array
    {
        return ['removed' => Bindings::of(...$this->removed)->toData(), 'added' => Bindings::of(...$this->added)->toData()];
    }
}
