<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** What each key types, plain and with Shift. */
final readonly class Layout
{
    /** @param  array<string, array{plain: string, shift: string}>  $levels by key code; an empty string where the key types nothing */
    private function __construct(public string $id, public string $name, private array $levels)
    {
    }

    /** @param  array{id: string, name: string, keys: array<string, array{plain: string, shift: string}>}  $data as in boards/layouts/*.json */
    public static function fromData(array $data): self
    {
        return new self($data['id'], $data['name'], $data['keys']);
    }

    /** The character the key types with these modifiers, or null where it types none. */
    public function typed(Key $key, Modifiers $modifiers): ?string
    {
        if (! $modifiers->without(Modifier::Shift)->isEmpty()) {
            return null;
        }
        $level = $modifiers->has(Modifier::Shift) ? 'shift' : 'plain';
        $character = $this->levels[$key->value][$level] ?? '';

        return $character === '' ? null : $character;
    }

    /** What stands on the keycap: the capital of a letter, else the plain character, or null for keys that type nothing. */
    public function legend(Key $key): ?string
    {
        $plain = $this->typed($key, Modifiers::of());

        return $plain === null || trim($plain) === '' ? null : mb_strtoupper($plain);
    }
}
