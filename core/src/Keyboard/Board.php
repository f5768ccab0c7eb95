<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** A physical keyboard: which keys exist and where each sits. */
final readonly class Board
{
    /** Distance between the middles of two neighbouring keys, in mm (common practice; the pitch of full-size boards). */
    public const PITCH = 19.05;

    /** @param  array<string, PlacedKey>  $keys by key code */
    private function __construct(public string $id, public string $name, private array $keys)
    {
    }

    /**
     * @param  array{id: string, name: string, keys: list<array{key: string, x: int|float, y: int|float, w?: int|float, h?: int|float}>}  $data
     *                                                                                                                                      as in boards/*.json: lengths in key pitches
     */
    public static function fromData(array $data): self
    {
        $keys = [];
        foreach ($data['keys'] as $place) {
            $keys[$place['key']] = new PlacedKey(
                Key::from($place['key']),
                $place['x'] * self::PITCH,
                $place['y'] * self::PITCH,
                ($place['w'] ?? 1) * self::PITCH,
                ($place['h'] ?? 1) * self::PITCH,
            );
        }

        return new self($data['id'], $data['name'], $keys);
    }

    /** @return list<PlacedKey> in the order of the data: row by row */
    public function keys(): array
    {
        return array_values($this->keys);
    }

    public function has(Key $key): bool
    {
        return isset($this->keys[$key->value]);
    }

    /** Where the key sits, or null where this board has no such key. */
    public function place(Key $key): ?PlacedKey
    {
        return $this->keys[$key->value] ?? null;
    }

    /** @return array{width: float, height: float} in mm, over all keys */
    public function size(): array
    {
        $right = array_map(static fn (PlacedKey $key): float => $key->left + $key->width, $this->keys);
        $bottom = array_map(static fn (PlacedKey $key): float => $key->top + $key->height, $this->keys);

        return ['width' => $right === [] ? 0.0 : max($right), 'height' => $bottom === [] ? 0.0 : max($bottom)];
    }
}
