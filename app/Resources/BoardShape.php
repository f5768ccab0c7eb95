<?php

declare(strict_types=1);

namespace App\Resources;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyPosition;
use Zebrafinch\Core\Keyboard\Level;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Seat;

/** The JSON shapes of a board at one seat, as docs/openapi.yaml describes them. */
final readonly class BoardShape
{
    public function __construct(private Seat $seat)
    {
    }

    /** @return array<string, mixed> */
    public function board(): array
    {
        $board = $this->seat->board;

        return ['id' => $board->id, 'name' => $board->name, ...$board->size(), 'keys' => array_map($this->key(...), $board->keys())];
    }

    /** @return array<string, mixed> */
    public function layer(Modifiers $held): array
    {
        $names = $this->seat->printer()->names();

        return [
            'id' => implode('+', array_map(static fn (Modifier $one): string => $one->value, $held->all())),
            'caps' => array_slice($this->seat->printer()->caps(Chord::with($held, Key::F24)), 0, -1),
            'spoken' => implode(' ', array_map($names->ofModifier(...), $held->all())),
        ];
    }

    /**
     * @param  list<Modifiers>  $layers
     * @return array<string, string> the character that a press types where text is entered, by press
     */
    public function typing(array $layers): array
    {
        $typing = [];
        foreach ($layers as $held) {
            foreach ($this->seat->board->keys() as $placed) {
                $typed = $placed->key->isOnlyHeld() ? null : $this->seat->typed(Chord::with($held, $placed->key));
                if ($typed !== null) {
                    $typing[Chord::with($held, $placed->key)->id()] = $typed;
                }
            }
        }

        return $typing;
    }

    /** @return array<string, mixed> */
    private function key(KeyPosition $index): array
    {
        $names = $this->seat->printer()->names();

        return [
            'key' => $index->key->value,
            'held' => $this->heldAs($index->key),
            'with_fn' => $this->withFn($index->key),
            'name' => $names->of($index->key),
            'spoken' => $names->inWords($index->key),
            'levels' => array_map(
                fn (Level $level): ?string => $this->seat->layout->symbol($index->key, $level)?->character,
                Level::cases(),
            ),
            'left' => round($index->left, 3),
            'top' => round($index->top, 3),
            'width' => round($index->width, 3),
            'height' => round($index->height, 3),
            'notch' => round($index->notch, 3),
        ];
    }

    /** @return array{key: string, name: string, spoken: string}|null the key that comes while Fn is held */
    private function withFn(Key $key): ?array
    {
        $other = $this->seat->board->withFn($key);
        $names = $this->seat->printer()->names();

        return $other === null ? null : ['key' => $other->value, 'name' => $names->of($other), 'spoken' => $names->inWords($other)];
    }

    /** @return list<string>|null the modifiers that the key holds, none for Fn; null for keys that are pressed */
    private function heldAs(Key $key): ?array
    {
        if (! $key->isOnlyHeld()) {
            return null;
        }
        $isThirdLevel = $key === Key::AltRight && $this->seat->layout->hasAltGr;
        $modifier = $isThirdLevel ? Modifier::AltGraph : $key->modifier();

        return $modifier === null
            ? []
            : array_map(static fn (Modifier $one): string => $one->value, Modifiers::of($modifier)->on($this->seat->system)->all());
    }
}
