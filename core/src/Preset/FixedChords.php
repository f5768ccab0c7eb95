<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;

/** What of a house standard personal kits must have too. */
final readonly class FixedChords
{
    /**
     * @param  array<string, Bindings>  $fixed  by application
     * @param  array<string, Bindings>  $standard  the keymaps that they are fixed in
     */
    private function __construct(private array $fixed, private array $standard)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  array<string, Bindings>  $fixed  by application
     * @param  array<string, Bindings>  $keymaps  the keymaps that they are fixed in
     *
     * @throws FixedChordMissing
     */
    public static function in(array $fixed, array $keymaps): self
    {
        $some = array_filter($fixed, static fn (Bindings $bindings): bool => count($bindings) > 0);
        foreach ($some as $application => $bindings) {
            foreach ($bindings as $binding) {
                if (! isset($keymaps[$application]) || ! $keymaps[$application]->has($binding)) {
                    throw FixedChordMissing::of($application, $binding);
                }
            }
        }
        ksort($some);

        return new self($some, $keymaps);
    }

    /** @return list<Binding> */
    public function of(string $application): array
    {
        return isset($this->fixed[$application]) ? $this->fixed[$application]->all() : [];
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->fixed));
    }

    /** @return array<string, list<array{chord: string, command: string, context: string, gesture: string}>> */
    public function toData(): array
    {
        return array_map(static fn (Bindings $bindings): array => $bindings->toData(), $this->fixed);
    }

    /**
     * The fixed chords that a keymap lacks, or has given to something else.
     *
     * @return list<Binding>
     */
    public function brokenBy(Application $application, Bindings $bindings): array
    {
        return array_values(
            array_filter(
                $this->of($application->id),
                fn (Binding $fixed): bool => ! $bindings->has($fixed) || $this->inTheWayOf($fixed, $bindings, $application) !== [],
            ),
        );
    }

    /**
     * A keymap with the fixed chords in it: what had them where the standard has its own has them no more.
     *
     * @return array{Bindings, list<Binding>} the keymap, and what lost its chord
     */
    public function on(Application $application, Bindings $bindings): array
    {
        $lost = [];
        foreach ($this->of($application->id) as $fixed) {
            $gone = $this->inTheWayOf($fixed, $bindings, $application);
            $bindings = $bindings->minus(...$gone);
            $bindings = $bindings->has($fixed) ? $bindings : $bindings->plus($fixed);
            $lost = [...$lost, ...$gone];
        }

        return [$bindings, $lost];
    }

    /**
     * What would get the chord in the context of the fixed one, or in one below it, and does not in the standard itself.
     *
     * @return list<Binding>
     */
    private function inTheWayOf(Binding $fixed, Bindings $bindings, Application $application): array
    {
        $contexts = $application->contexts;
        $standard = $this->standard[$application->id] ?? Bindings::of();

        return array_values(
            array_filter(
                $bindings->all(),
                static fn (Binding $one): bool => $one->chord->equals($fixed->chord) &&
                    $one->gesture === $fixed->gesture &&
                    ! $standard->has($one) &&
                    $contexts->has($one->context) &&
                    ($contexts->contains($fixed->context, $one->context) ||
                        ($contexts->contains($one->context, $fixed->context) && $application->isAskedFirst($one->command))),
            ),
        );
    }
}
