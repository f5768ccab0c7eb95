<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Remap;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** One change for many bindings at once: another layer, another context, two layers or two keys exchanged. */
final readonly class BulkEdit
{
    public function __construct(private LoadedKeymap $keymap)
    {
    }

    /** @param  list<Binding>  $bindings */
    public function toLayer(array $bindings, Modifiers $layer): Change
    {
        return $this->change($bindings, fn (Binding $one): Binding => $one->at($this->onLayer($one->chord, $layer)));
    }

    /** @param  list<Binding>  $bindings */
    public function toContext(array $bindings, string $context): Change
    {
        $this->keymap->application->contexts->get($context);

        return $this->change(
            $bindings,
            static fn (Binding $one): Binding => new Binding($one->chord, $one->command, $context, $one->gesture),
        );
    }

    /**
     * The bindings stay where they are and come there too, but for those that are there.
     *
     * @param  list<Binding>  $bindings
     */
    public function copiedTo(array $bindings, string $context): Change
    {
        $this->keymap->application->contexts->get($context);
        $copies = array_map(
            static fn (Binding $one): Binding => new Binding($one->chord, $one->command, $context, $one->gesture),
            $bindings,
        );

        return Change::none()->adding(...array_filter($copies, fn (Binding $one): bool => ! $this->keymap->bindings()->has($one)));
    }

    /** @param  string|null  $context  null for all of them */
    public function exchanged(Modifiers $one, Modifiers $other, ?string $context): Change
    {
        $bindings = array_filter(
            $this->keymap->bindings()->all(),
            static fn (Binding $binding): bool => $context === null || $binding->context === $context,
        );

        return $this->change(
            array_values($bindings),
            fn (Binding $binding): Binding => match (true) {
                $this->isOnLayer($binding->chord, $one) => $binding->at($this->onLayer($binding->chord, $other)),
                $this->isOnLayer($binding->chord, $other) => $binding->at($this->onLayer($binding->chord, $one)),
                default => $binding,
            },
        );
    }

    /**
     * What two chords do with the focus in one context, exchanged: taps and holds alike. What is hidden there stays where it is.
     */
    public function keysExchanged(Chord $one, Chord $other, string $focus): Change
    {
        $who = new Who($this->keymap);
        $change = Change::none();
        foreach ([[$one, $other], [$other, $one]] as [$from, $to]) {
            foreach (Gesture::cases() as $gesture) {
                $runs = $who->gets($from, $gesture, $focus)->winner();
                if ($runs !== null && $runs->gesture === $gesture && $this->keymap->bindings()->has($runs)) {
                    $change = $change->removing($runs)->adding($runs->at($to));
                }
            }
        }

        return $change;
    }

    /** Takes every chord of a context away. */
    public function cleared(string $context): Change
    {
        $this->keymap->application->contexts->get($context);

        return Change::none()->removing(
            ...array_filter($this->keymap->bindings()->all(), static fn (Binding $one): bool => $one->context === $context),
        );
    }

    /**
     * @param  list<Binding>  $bindings
     * @param  callable(Binding): Binding  $become
     */
    private function change(array $bindings, callable $become): Change
    {
        $change = Change::none();
        foreach ($bindings as $binding) {
            $new = $become($binding);
            if ($new->id() !== $binding->id()) {
                $change = $change->removing($binding)->adding($new);
            }
        }

        return $change;
    }

    private function isOnLayer(Chord $chord, Modifiers $layer): bool
    {
        $made = $this->keymap->seat->press($chord)->made;

        return $made !== null && $made->modifiers->equals($layer->on($this->keymap->seat->system));
    }

    /** The same key with other modifiers; a chord by character becomes what its key types on that layer. */
    private function onLayer(Chord $chord, Modifiers $layer): Chord
    {
        $key = ($this->keymap->seat->press($chord)->made ?? $chord)->key;
        // Written as it follows to other systems, unless it names the key that is the primary one here.
        $written = $layer->has(Modifier::Primary) ? $layer : $layer->writtenFrom($this->keymap->seat->system);

        return $this->keymap->application->naming->write(Chord::with($written, $key), $this->keymap->seat);
    }
}
