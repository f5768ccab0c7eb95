<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;

/** Where a slot's chord goes: one command of one keymap. */
final readonly class Target
{
    /**
     * @param  Binding|null  $now  the command's first chord
     * @param  list<Binding>  $further  its other chords; they stay
     * @param  float  $weight  how much it is used; see {@see \Zebrafinch\Core\Usage\Importance}
     * @param  string|null  $left  why it is not moved; null where it may be
     */
    public function __construct(
        public LoadedKeymap $keymap,
        public Intent $intent,
        public string $command,
        public string $context,
        public ?Binding $now,
        public array $further,
        public float $weight,
        public ?string $left,
    ) {
    }

    public function gesture(): Gesture
    {
        return $this->now->gesture ?? Gesture::Tap;
    }
}
