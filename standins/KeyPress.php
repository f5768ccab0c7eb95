<?php

declare(strict_types=1);

namespace Standins;

/** A key that went down while modifiers were held, as the operating system tells an application. */
final class KeyPress
{
    /**
     * @param  list<string>  $held of Control, Alt, AltGraph, Shift, Meta
     * @param  list<string|null>  $characters  what the key types plainly, with Shift, with AltGr, with both
     * @param  list<bool>  $dead  which of those only put a mark on the next letter
     * @param  bool  $isHeld  whether the key stays down
     */
    public function __construct(
        public readonly string $code,
        public readonly array $held,
        public readonly array $characters = [],
        public readonly array $dead = [],
        public readonly bool $isHeld = false,
    ) {
    }

    /** @param  list<string>  $held in any order */
    public function is(string $code, array $held): bool
    {
        return $code === $this->code && self::same($held, $this->held);
    }

    /**
     * Whether these modifiers, and those that the layout needs for the character, are the ones that are held.
     *
     * @param  list<string>  $held
     */
    public function isCharacter(string $character, array $held, string $system): bool
    {
        foreach ($this->characters as $level => $typed) {
            if (
                $typed === $character &&
                ! ($this->dead[$level] ?? false) &&
                self::same([...$held, ...self::levelKeys($level, $system)], $this->held)
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether the key types a character where text is entered. */
    public function types(string $system): bool
    {
        foreach ($this->characters as $level => $typed) {
            if ($typed !== null && self::same(self::levelKeys($level, $system), $this->held)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function levelKeys(int $level, string $system): array
    {
        $third = ['macos' => ['Alt'], 'windows' => ['Control', 'Alt'], 'linux' => ['AltGraph']][$system] ?? [];

        return [...$level % 2 === 1 ? ['Shift'] : [], ...$level >= 2 ? $third : []];
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    private static function same(array $one, array $other): bool
    {
        return array_diff($one, $other) === [] && array_diff($other, $one) === [];
    }
}
