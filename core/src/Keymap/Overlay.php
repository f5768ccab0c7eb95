<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/**
 * What a keymap has otherwise than the parent that it follows: bindings that give way to others, go, or come.
 *
 * @phpstan-import-type BindingData from Change
 *
 * @phpstan-type DifferenceData array{gone: BindingData|null, come: BindingData|null}
 */
final readonly class Overlay
{
    /** @param  list<array{gone: Binding|null, come: Binding|null}>  $differences */
    private function __construct(private array $differences)
    {
    }

    /** Where a command has another chord in the same context, the new binding stands for the old one; the rest goes or comes by itself. */
    public static function between(Bindings $parent, Bindings $own): self
    {
        $change = Change::between($parent, $own);
        $come = $change->added;
        $differences = [];
        foreach ($change->removed as $gone) {
            $index = array_key_first(
                array_filter(
                    $come,
                    static fn (Binding $one): bool => [$one->command, $one->context, $one->gesture] === [
                        $gone->command,
                        $gone->context,
                        $gone->gesture,
                    ],
                ),
            );
            $differences[] = ['gone' => $gone, 'come' => $index === null ? null : $come[$index]];
            if ($index !== null) {
                unset($come[$index]);
            }
        }

        return new self([
            ...$differences,
            ...array_map(static fn (Binding $one): array => ['gone' => null, 'come' => $one], array_values($come)),
        ]);
    }

    /**
     * The parent's bindings with the differences. One whose old binding the parent no longer has is left out: the parent has
     * gone another way there, and is followed.
     */
    public function over(Bindings $parent): Bindings
    {
        $bindings = $parent;
        foreach ($this->differences as ['gone' => $gone, 'come' => $come]) {
            if ($gone !== null && $bindings->has($gone)) {
                $bindings = $come === null ? $bindings->minus($gone) : $bindings->replaced($gone, $come);
            } elseif ($gone === null && $come !== null && ! $bindings->has($come)) {
                $bindings = $bindings->plus($come);
            }
        }

        return $bindings;
    }

    public function isEmpty(): bool
    {
        return $this->differences === [];
    }

    /** @param  list<DifferenceData>  $data */
    public static function fromData(array $data): self
    {
        return new self(
            array_map(
                static fn (array $one): array => [
                    'gone' => $one['gone'] === null ? null : Binding::fromData($one['gone']),
                    'come' => $one['come'] === null ? null : Binding::fromData($one['come']),
                ],
                $data,
            ),
        );
    }

    /** @return list<DifferenceData> */
    public function toData(): array
    {
        return array_map(
            static fn (array $one): array => ['gone' => $one['gone']?->toData(), 'come' => $one['come']?->toData()],
            $this->differences,
        );
    }
}
