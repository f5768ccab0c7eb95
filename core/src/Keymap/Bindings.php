<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

use ArrayIterator;
use Countable;
use IteratorAggregate;
use Traversable;

/**
 * The bindings of one application in the order in which its key file lists them; the order decides
 * which of two doubles is loaded. The same binding can stand in a file twice, and then stands here twice.
 *
 * @implements IteratorAggregate<int, Binding>
 */
final readonly class Bindings implements Countable, IteratorAggregate
{
    /** @param  list<Binding>  $list */
    private function __construct(private array $list)
    {
    }

    public static function of(Binding ...$bindings): self
    {
        return new self(array_values($bindings));
    }

    /** @param  list<array{chord: string, command: string, context: string, gesture?: string}>  $data */
    public static function fromData(array $data): self
    {
        return new self(array_map(Binding::fromData(...), $data));
    }

    /** @return list<array{chord: string, command: string, context: string, gesture: string}> */
    public function toData(): array
    {
        return array_map(static fn (Binding $binding): array => $binding->toData(), $this->list);
    }

    /** @return Traversable<int, Binding> */
    public function getIterator(): Traversable
    {
        return new ArrayIterator($this->list);
    }

    /** @return list<Binding> */
    public function all(): array
    {
        return $this->list;
    }

    public function count(): int
    {
        return count($this->list);
    }

    public function has(Binding $binding): bool
    {
        return in_array($binding->id(), $this->ids(), true);
    }

    /** @return list<string> in file order, repeated where the binding is */
    public function ids(): array
    {
        return array_map(static fn (Binding $binding): string => $binding->id(), $this->list);
    }

    /** @return list<Binding> in file order: the first is the command's main chord */
    public function ofCommand(string $command): array
    {
        return array_values(array_filter($this->list, static fn (Binding $binding): bool => $binding->command === $command));
    }

    /** Added bindings stand behind the present ones. */
    public function plus(Binding ...$added): self
    {
        return new self([...$this->list, ...array_values($added)]);
    }

    /** Takes out one line for each given binding, the last equal one first; a binding that is not there is passed over. */
    public function minus(Binding ...$removed): self
    {
        $list = $this->list;
        $ids = $this->ids();
        foreach ($removed as $binding) {
            $found = array_keys($ids, $binding->id(), true);
            if ($found !== []) {
                $at = $found[count($found) - 1];
                unset($list[$at], $ids[$at]);
            }
        }

        return new self(array_values($list));
    }

    /** Puts a binding in the place of the first line that says what $old says. */
    public function replaced(Binding $old, Binding $new): self
    {
        $at = array_search($old->id(), $this->ids(), true);

        return $at === false ? $this : new self(array_values(array_replace($this->list, [$at => $new])));
    }

    /**
     * The bindings of another list that this one lacks, counting repeats.
     *
     * @return list<Binding>
     */
    public function lacking(self $other): array
    {
        $here = array_count_values($this->ids());

        return array_values(array_filter($other->list, static function (Binding $binding) use (&$here): bool {
            $here[$binding->id()] = ($here[$binding->id()] ?? 0) - 1;

            return $here[$binding->id()] < 0;
        }));
    }
}
