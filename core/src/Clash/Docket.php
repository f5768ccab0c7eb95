<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;

/** Finds all clashes of a keymap, the worst first. */
final readonly class Docket
{
    /**
     * @param  list<ClashKind>  $kinds
     * @param  list<ClashKind>  $notes  kinds that are left out until they are asked for
     * @param  array<string, true>  $ignored  by identity
     */
    private function __construct(private array $kinds, private array $notes, private array $ignored = [])
    {
    }

    public static function withKinds(ClashKind ...$kinds): self
    {
        return new self(
            array_values(array_filter($kinds, static fn (ClashKind $kind): bool => ! $kind->isNote())),
            array_values(array_filter($kinds, static fn (ClashKind $kind): bool => $kind->isNote())),
        );
    }

    /** What is no clash but worth seeing is found too. */
    public function withNotes(): self
    {
        return new self([...$this->kinds, ...$this->notes], [], $this->ignored);
    }

    /**
     * Leaves out clashes that somebody has accepted as they are.
     *
     * @param  list<string>  $ids
     */
    public function ignoring(array $ids): self
    {
        return new self($this->kinds, $this->notes, array_fill_keys($ids, true) + $this->ignored);
    }

    /** @return array<string, Clash> by identity */
    public function of(LoadedKeymap $keymap): array
    {
        return $this->on($keymap->presses(), $keymap);
    }

    /**
     * The clashes of some presses alone.
     *
     * @param  array<Press>  $presses
     * @return array<string, Clash> by identity
     */
    public function on(array $presses, LoadedKeymap $keymap): array
    {
        $found = [];
        foreach ($presses as $press) {
            $bindings = $keymap->onPress($press);
            if ($bindings === []) {
                continue;
            }
            foreach ($this->kinds as $kind) {
                foreach ($kind->find($keymap, $press, $bindings) as $clash) {
                    $id = $clash->id();
                    if (! isset($this->ignored[$id])) {
                        $found[$id] = $clash;
                    }
                }
            }
        }

        return count($found) < 2 ? $found : self::sorted($found);
    }

    /**
     * The worst first; of those that are as bad, those with which most is lost.
     *
     * @param  array<string, Clash>  $found  by identity
     * @return array<string, Clash>
     */
    private static function sorted(array $found): array
    {
        $badness = [];
        foreach ($found as $clash) {
            $badness[] = $clash->grade->rank() * 1_000_000 - count($clash->losing);
        }
        $ids = array_keys($found);
        array_multisort($badness, $ids, SORT_STRING);
        $sorted = [];
        foreach ($ids as $id) {
            $sorted[$id] = $found[$id];
        }

        return $sorted;
    }
}
