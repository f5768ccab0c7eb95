<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

use ArrayIterator;
use Closure;
use Countable;
use IteratorAggregate;
use Traversable;

/**
 * The bindings of one application in the order in which its key file lists them; the order decides
 * which of two doubles is loaded. The same binding can stand in a file twice, and then stands here twice.
 * What comes as data is made into bindings when it is first asked for: many questions are about one command only.
 *
 * @phpstan-type BindingData array{chord: string, command: string, context: string, gesture?: string}
 *
 * @implements IteratorAggregate<int, Binding>
 */
final class Bindings implements Countable, IteratorAggregate
{
    /** @var array<string, list<Binding>>|null by command, once somebody has asked for one and all are made */
    private ?array $byCommand = null;

    /**
     * @param  list<Binding>|null  $made  null while only the data is there
     * @param  list<BindingData>  $data
     * @param  (Closure(): list<Binding>)|null  $make  gives the list where there is no data
     * @param  (Closure(): FileOrder)|null  $order  the file that they are written to; null where there is none
     */
    private function __construct(
        private ?array $made,
        private readonly array $data = [],
        private ?Closure $make = null,
        private readonly ?Closure $order = null,
    ) {
    }

    public static function of(Binding ...$bindings): self
    {
        return new self(array_values($bindings));
    }

    /** @param  list<BindingData>  $data */
    public static function fromData(array $data): self
    {
        return new self(null, $data);
    }

    /**
     * The same bindings, which after each change stand as that file will list them.
     *
     * @param  Closure(): FileOrder  $order  asked once a change needs it
     */
    public function inOrderOf(Closure $order): self
    {
        return new self($this->made, $this->data, $this->make, $order);
    }

    /** @return list<array{chord: string, command: string, context: string, gesture: string}> */
    public function toData(): array
    {
        return array_map(static fn (Binding $binding): array => $binding->toData(), $this->all());
    }

    /** @return Traversable<int, Binding> */
    public function getIterator(): Traversable
    {
        return new ArrayIterator($this->all());
    }

    /** @return list<Binding> */
    public function all(): array
    {
        $this->made ??= $this->make === null ? array_map(Binding::fromData(...), $this->data) : ($this->make)();
        $this->make = null;

        return $this->made;
    }

    public function count(): int
    {
        return count($this->made ?? ($this->make === null ? $this->data : $this->all()));
    }

    public function has(Binding $binding): bool
    {
        return in_array($binding->id(), $this->ids(), true);
    }

    /** @return list<string> in file order, repeated where the binding is */
    public function ids(): array
    {
        return array_map(static fn (Binding $binding): string => $binding->id(), $this->all());
    }

    /** @return list<Binding> in file order: the first is the command's main chord */
    public function ofCommand(string $command): array
    {
        if ($this->byCommand === null && $this->made === null && $this->make === null) {
            return array_map(
                Binding::fromData(...),
                array_values(array_filter($this->data, static fn (array $one): bool => $one['command'] === $command)),
            );
        }

        return ($this->byCommand ??= $this->sorted())[$command] ?? [];
    }

    /** @return array<string, list<Binding>> */
    private function sorted(): array
    {
        $byCommand = [];
        foreach ($this->all() as $binding) {
            $byCommand[$binding->command][] = $binding;
        }

        return $byCommand;
    }

    /** What is removed goes, what is added stands where the file has it, or at the end; worked out when it is first asked for. */
    public function changedBy(Change $change): self
    {
        $changed = fn (): self => $this->minus(...$change->removed)->plus(...$change->added);
        $make = fn (): array => ($this->order === null ? $changed() : ($this->order)()->sorted($changed()))->all();

        return new self(null, [], $make, $this->order);
    }

    /** Added bindings stand behind the present ones. */
    public function plus(Binding ...$added): self
    {
        return new self([...$this->all(), ...array_values($added)]);
    }

    /** Takes out one line for each given binding, the last equal one first; a binding that is not there is passed over. */
    public function minus(Binding ...$removed): self
    {
        $left = array_count_values(array_map(static fn (Binding $one): string => $one->id(), $removed));
        $list = $this->all();
        for ($at = count($list) - 1; $at >= 0 && $left !== []; $at--) {
            $id = $list[$at]->id();
            if (isset($left[$id])) {
                unset($list[$at]);
                if (--$left[$id] === 0) {
                    unset($left[$id]);
                }
            }
        }

        return new self(array_values($list));
    }

    /**
     * The bindings of another list that this one lacks, counting repeats.
     *
     * @return list<Binding>
     */
    public function lacking(self $other): array
    {
        $here = array_count_values($this->ids());

        return array_values(
            array_filter($other->all(), static function (Binding $binding) use (&$here): bool {
                $here[$binding->id()] = ($here[$binding->id()] ?? 0) - 1;

                return $here[$binding->id()] < 0;
            }),
        );
    }
}
