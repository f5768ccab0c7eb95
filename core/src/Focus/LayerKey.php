<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\PlacedKey;
use Zebrafinch\Core\Keymap\Binding;

/** One key of a layer: where it sits, and what it does. */
final readonly class LayerKey
{
    /**
     * @param  Chord|null  $chord  null for modifier keys, which are held and not pressed
     * @param  Binding|null  $winner  what it does in the context looked at
     * @param  list<Binding>  $elsewhere  what it does in other contexts
     */
    public function __construct(
        public PlacedKey $place,
        public ?Chord $chord,
        public KeyUse $use,
        public ?Binding $winner,
        public array $elsewhere,
    ) {
    }
}
