<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Clash\Kind\ByReach;
use Zebrafinch\Core\Clash\Kind\DeadTitleKind;
use Zebrafinch\Core\Clash\Kind\DoubleKind;
use Zebrafinch\Core\Clash\Kind\ParallelKind;
use Zebrafinch\Core\Clash\Kind\ShadowKind;
use Zebrafinch\Core\Clash\Kind\SwallowedKind;
use Zebrafinch\Core\Clash\Kind\TapHoldKind;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Reach\SeatJudges;

/** Finds all clashes of a keymap, the worst first. */
final readonly class Docket
{
    /**
     * @param  list<ClashKind>  $kinds
     * @param  array<string, true>  $ignored  by identity
     */
    public function __construct(private array $kinds, private array $ignored = [])
    {
    }

    public static function standard(ReservedChords $reserved): self
    {
        $judges = new SeatJudges($reserved);

        return new self([new DoubleKind, new TapHoldKind, ByReach::reserved($judges), ByReach::outOfReach($judges), new DeadTitleKind, new ShadowKind, new SwallowedKind]);
    }

    /** The same chord in contexts that never meet: no clash, but worth seeing. */
    public function withParallels(): self
    {
        return new self([...$this->kinds, new ParallelKind], $this->ignored);
    }

    /**
     * Leaves out clashes that somebody has accepted as they are.
     *
     * @param  list<string>  $ids
     */
    public function ignoring(array $ids): self
    {
        return new self($this->kinds, array_fill_keys($ids, true) + $this->ignored);
    }

    /** @return array<string, Clash> by identity */
    public function of(LoadedKeymap $keymap): array
    {
        return $this->on(array_keys($keymap->presses()), $keymap);
    }

    /**
     * The clashes of some presses alone.
     *
     * @param  list<string>  $presses
     * @return array<string, Clash> by identity
     */
    public function on(array $presses, LoadedKeymap $keymap): array
    {
        $found = [];
        $order = [];
        foreach ($presses as $press) {
            $bindings = $keymap->onPress($press);
            if ($bindings === []) {
                continue;
            }
            foreach ($this->kinds as $kind) {
                foreach ($kind->find($keymap, $press, $bindings) as $clash) {
                    if ($this->ignored !== [] && isset($this->ignored[$clash->id()])) {
                        continue;
                    }
                    $found[$clash->id()] = $clash;
                    $order[$clash->id()] = sprintf('%d %06d %s', $clash->grade->rank(), 999_999 - count($clash->losing), $clash->id());
                }
            }
        }
        asort($order, SORT_STRING);

        $sorted = [];
        foreach (array_keys($order) as $id) {
            $sorted[$id] = $found[$id];
        }

        return $sorted;
    }
}
