<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\PlacedKey;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** What every key of the board does while some modifiers are held and one context has the focus. */
final readonly class BoardLayer
{
    public function __construct(private LoadedKeymap $keymap)
    {
    }

    /**
     * @return list<LayerKey> in the order of the board
     *
     * @throws \Zebrafinch\Core\Application\UnknownContext
     */
    public function keys(Modifiers $held, string $focus): array
    {
        $this->keymap->application->contexts->get($focus);

        return array_map(fn (PlacedKey $place): LayerKey => $this->key($place, $held, $focus), $this->keymap->seat->board->keys());
    }

    private function key(PlacedKey $place, Modifiers $held, string $focus): LayerKey
    {
        if ($place->key->isOnlyHeld()) {
            return new LayerKey($place, null, KeyUse::Free, null, []);
        }
        $chord = Chord::with($held, $place->key);
        $winner = (new Who($this->keymap))->gets($chord, Gesture::Tap, $focus)->winner();
        $elsewhere = array_values(array_filter(
            array_merge([], ...array_values($this->keymap->boundTo($chord))),
            static fn (Binding $one): bool => $one->context !== $winner?->context,
        ));
        $use = match (true) {
            $winner !== null => KeyUse::Taken,
            $elsewhere !== [] => KeyUse::TakenElsewhere,
            default => KeyUse::Free,
        };

        return new LayerKey($place, $chord, $use, $winner, $elsewhere);
    }
}
