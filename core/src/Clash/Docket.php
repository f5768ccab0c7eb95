<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Clash\Kind\DoubleKind;
use Zebrafinch\Core\Clash\Kind\ShadowKind;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** Finds all clashes of a keymap, the worst first. */
final readonly class Docket
{
    /** @param  list<ClashKind>  $kinds */
    public function __construct(private array $kinds)
    {
    }

    public static function standard(): self
    {
        return new self([new DoubleKind, new ShadowKind]);
    }

    /** @return array<string, Clash> by identity */
    public function of(LoadedKeymap $keymap): array
    {
        $found = array_merge(...array_map(static fn (ClashKind $kind): array => $kind->find($keymap), $this->kinds));
        usort($found, static fn (Clash $one, Clash $other): int => [$one->grade->rank(), count($other->losing), $one->id()] <=> [$other->grade->rank(), count($one->losing), $other->id()]);

        return array_combine(array_map(static fn (Clash $clash): string => $clash->id(), $found), $found);
    }
}
