<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;

/**
 * One way in which bindings get in each other's way. A new kind is one class in Kind/ and its line in {@see BuiltInKinds}: whoever
 * has to treat kinds differently asks the kind. Whatever clashes shares a press, so a kind looks for clashes press by press.
 */
interface ClashKind
{
    /** In kebab-case; part of the identity of its clashes. */
    public function name(): string;

    /** As a heading. */
    public function title(): string;

    /**
     * Whether its bindings claim one key in one focus, so that all but one of them must go; else each is wrong by itself or meant to be
     * layered.
     */
    public function isRivalry(): bool;

    /** Whether it only tells something worth seeing, which is no clash; such kinds are looked for when somebody asks. */
    public function isNote(): bool;

    /**
     * @param  non-empty-list<Binding>  $bindings  all that the press is bound to, in file order
     * @return list<Clash>
     */
    public function find(LoadedKeymap $keymap, Press $press, array $bindings): array;
}
