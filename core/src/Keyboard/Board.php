<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * A physical keyboard: which keys exist and where each sits.
 *
 * @phpstan-type PositionData array{key: string, x: int|float, y: int|float, w?: int|float, h?: int|float, notch?: int|float}
 * @phpstan-type BoardData array{
 *     id: string,
 *     name: string,
 *     keys: list<PositionData>,
 *     macos: list<PositionData>,
 *     others: list<PositionData>,
 *     fn: array<string, string>,
 * }
 */
final readonly class Board
{
    /** Distance between the middles of two neighbouring keys, in mm (common practice; the pitch of full-size boards). */
    public const PITCH = 19.05;

    /**
     * @param  array<string, KeyPosition>  $keys  by key code
     * @param  array<string, Key>  $behindFn  by the code of a key that the board lacks: the key that gives it while Fn is held
     */
    private function __construct(public string $id, public string $name, private array $keys, private array $behindFn)
    {
    }

    /**
     * @param  BoardData  $data  as in boards/*.json: lengths in key pitches; some keys differ between macOS and the other systems
     *
     * @throws InvalidBoardData
     */
    public static function fromData(array $data, System $system): self
    {
        $positions = [...$data['keys'], ...$system === System::MacOs ? $data['macos'] : $data['others']];
        if ($positions === []) {
            throw InvalidBoardData::noKeys($data['id']);
        }
        $keys = [];
        foreach ($positions as $position) {
            $key = Key::tryFrom($position['key']) ?? throw InvalidBoardData::unknownKey($data['id'], $position['key']);
            if (isset($keys[$key->value])) {
                throw InvalidBoardData::keyTwice($data['id'], $key->value);
            }
            $keys[$key->value] = new KeyPosition(
                $key,
                $position['x'] * self::PITCH,
                $position['y'] * self::PITCH,
                ($position['w'] ?? 1) * self::PITCH,
                ($position['h'] ?? 1) * self::PITCH,
                ($position['notch'] ?? 0) * self::PITCH,
            );
        }
        uasort($keys, static fn (KeyPosition $one, KeyPosition $other): int => [$one->top, $one->left] <=> [$other->top, $other->left]);
        $behindFn = array_map(
            static fn (string $code): Key => Key::tryFrom($code) ?? throw InvalidBoardData::unknownKey($data['id'], $code),
            $data['fn'],
        );

        return new self($data['id'], $data['name'], $keys, array_diff_key($behindFn, $keys));
    }

    /** @return list<KeyPosition> row by row, each from the left */
    public function keys(): array
    {
        return array_values($this->keys);
    }

    public function has(Key $key): bool
    {
        return isset($this->keys[$key->value]);
    }

    /** Where the key sits, or null where this board has no such key. */
    public function position(Key $key): ?KeyPosition
    {
        return $this->keys[$key->value] ?? null;
    }

    /** The key that gives a missing one while Fn is held, or null. */
    public function behindFn(Key $missing): ?Key
    {
        return $this->behindFn[$missing->value] ?? null;
    }

    /** The key that this one gives while Fn is held, or null where that changes nothing. */
    public function withFn(Key $here): ?Key
    {
        $missing = array_search($here, $this->behindFn, true);

        return $missing === false ? null : Key::from($missing);
    }

    /** @return array{width: float, height: float} in mm, over all keys */
    public function size(): array
    {
        return [
            'width' => max(array_map(static fn (KeyPosition $key): float => $key->left + $key->width, $this->keys) ?: [0.0]),
            'height' => max(array_map(static fn (KeyPosition $key): float => $key->top + $key->height, $this->keys) ?: [0.0]),
        ];
    }
}
