<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/**
 * A keymap through time: what it started from or follows, and the steps that were made on it. Its bindings are worked out here and nowhere
 * else, in the order of its key file, so that undoing a step gives back just what was there before it.
 */
final readonly class History
{
    /**
     * @param  Bindings  $base  those of the key file, or of the keymap that is followed
     * @param  list<Change>  $steps  the done ones first
     * @param  int  $done  how many of them count
     */
    private function __construct(private FileOrder $order, private Bindings $base, private array $steps, private int $done)
    {
    }

    /**
     * @param  list<Change>  $done
     * @param  list<Change>  $undone  in the order in which a redo makes them again
     */
    public static function of(FileOrder $order, Bindings $base, array $done = [], array $undone = []): self
    {
        return new self($order, $base, [...$done, ...$undone], count($done));
    }

    public function bindings(): Bindings
    {
        return $this->order->sorted($this->afterSteps($this->done));
    }

    /**
     * The bindings as they were at a version of the keymap. What was undone since, followed since or rewritten by following changes nothing
     * of what they were. Those that the key file does not have may stand in another order than they did.
     *
     * @param  array<int, Change>  $writes  what each write after that version changed, by the version that it made, the earliest first
     */
    public function at(int $version, array $writes): Bindings
    {
        $bindings = $this->bindings();
        foreach (array_reverse($writes, true) as $made => $change) {
            $bindings = $made > $version ? $bindings->changedBy($change->inverse()) : $bindings;
        }

        return $this->order->sorted($bindings);
    }

    /** @return list<Change> the done ones first */
    public function steps(): array
    {
        return $this->steps;
    }

    /** Steps that were undone are forgotten. */
    public function with(Change $step): self
    {
        return new self($this->order, $this->base, [...array_slice($this->steps, 0, $this->done), $step], $this->done + 1);
    }

    public function undone(): self
    {
        return new self($this->order, $this->base, $this->steps, max(0, $this->done - 1));
    }

    public function redone(): self
    {
        return new self($this->order, $this->base, $this->steps, min(count($this->steps), $this->done + 1));
    }

    /**
     * The same steps on what the followed keymap has become: every state of the past is merged with it, so that an undo leads to what
     * would be there without the step. A step that the followed keymap has made itself is left with nothing to do.
     */
    public function on(Bindings $base): self
    {
        $before = $base;
        $steps = [];
        for ($number = 1; $number <= count($this->steps); $number++) {
            $after = Merge::of($this->base, $this->afterSteps($number), $base)->result;
            $steps[] = Change::between($before, $after);
            $before = $after;
        }

        return new self($this->order, $base, $steps, $this->done);
    }

    private function afterSteps(int $count): Bindings
    {
        $list = Bindings::of(...$this->base->all());
        foreach (array_slice($this->steps, 0, $count) as $step) {
            $list = $list->changedBy($step);
        }

        return $list;
    }
}
