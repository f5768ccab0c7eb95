<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * What each key types at each level, dead keys included.
 *
 * @phpstan-type SymbolData string|array{dead: string}|null
 * @phpstan-type LayoutData array{
 *     id: string,
 *     name: string,
 *     source: string,
 *     alt_gr: bool,
 *     keys: array<string, list<SymbolData>>,
 *     third_levels?: array<string, array{source: string, keys: array<string, list<SymbolData>>}>,
 * }
 */
final readonly class Layout
{
    /**
     * @param  bool  $hasAltGr  whether a third level is there and known
     * @param  bool  $isThirdLevelKnown  whether it is known what AltGr, or Option, types on the system
     * @param  list<System>  $unknownOn  the systems for which that is not known
     * @param  array<string, array<int, Symbol>>  $symbols by key code, then by level; what types nothing is not listed
     * @param  array<string, true>  $elsewhere  characters that the third and fourth levels have on another system, where those of this one
     *     are not known
     */
    private function __construct(
        public string $id,
        public string $name,
        public bool $hasAltGr,
        public bool $isThirdLevelKnown,
        public array $unknownOn,
        private array $symbols,
        private array $elsewhere,
    ) {
    }

    /**
     * @param  LayoutData  $data  as in boards/layouts/*.json
     * @param  System  $system  every system has third and fourth levels of its own
     *
     * @throws InvalidBoardData
     */
    public static function fromData(array $data, System $system = System::Linux): self
    {
        $symbols = self::read($data['id'], $data['keys']);
        $isUnknown = static fn (System $one): bool => $one !== System::Linux && ! isset($data['third_levels'][$one->value]);
        $unknownOn = array_values(array_filter(System::cases(), $isUnknown));
        if ($system === System::Linux) {
            return new self($data['id'], $data['name'], $data['alt_gr'], true, $unknownOn, $symbols, []);
        }
        $elsewhere = [];
        foreach ($symbols as $code => $levels) {
            foreach (array_intersect_key($levels, [Level::AltGr->value => 0, Level::ShiftAltGr->value => 0]) as $symbol) {
                $elsewhere[$symbol->character] = true;
            }
            unset($symbols[$code][Level::AltGr->value], $symbols[$code][Level::ShiftAltGr->value]);
        }
        $third = $data['third_levels'][$system->value] ?? null;
        if ($third === null) {
            return new self($data['id'], $data['name'], false, false, $unknownOn, $symbols, $elsewhere);
        }
        $upper = array_map(static fn (array $levels): array => [null, null, ...$levels], $third['keys']);
        foreach (self::read($data['id'], $upper) as $code => $levels) {
            $symbols[$code] = ($symbols[$code] ?? []) + $levels;
        }

        return new self($data['id'], $data['name'], $third['keys'] !== [], true, $unknownOn, $symbols, []);
    }

    /** Whether a character may be typed with a third level that is not known here. */
    public function mayType(Character $character): bool
    {
        return isset($this->elsewhere[$character->value]);
    }

    /**
     * @param  array<string, list<SymbolData>>  $keys
     * @return array<string, array<int, Symbol>>
     *
     * @throws InvalidBoardData
     */
    private static function read(string $id, array $keys): array
    {
        $symbols = [];
        foreach ($keys as $code => $levels) {
            if (Key::tryFrom($code) === null) {
                throw InvalidBoardData::unknownKey($id, $code);
            }
            foreach ($levels as $level => $symbol) {
                if ($symbol !== null && Level::tryFrom($level) === null) {
                    throw InvalidBoardData::tooManyLevels($id, $code, count($levels));
                }
                if ($symbol !== null) {
                    $symbols[$code][$level] = is_array($symbol) ? new Symbol($symbol['dead'], true) : new Symbol($symbol, false);
                }
            }
        }

        return $symbols;
    }

    public function symbol(Key $key, Level $level): ?Symbol
    {
        return $this->symbols[$key->value][$level->value] ?? null;
    }

    /**
     * The character that a press types (a dead key its mark), or null where it types none.
     *
     * @param  Modifiers  $held  as they are on the system: without `Primary`
     */
    public function typed(Key $key, Modifiers $held, System $system): ?string
    {
        $level = $this->levelOf($held, $system);

        return $level === null ? null : $this->symbol($key, $level)?->character;
    }

    /** The level that these modifiers lead to, or null where they make no character but a chord. */
    private function levelOf(Modifiers $held, System $system): ?Level
    {
        $besideShift = $held->without(Modifier::Shift);
        if ($besideShift->isEmpty()) {
            return Level::of($held->has(Modifier::Shift), false);
        }
        $isAltGr = $this->hasAltGr && $besideShift->equals(Modifiers::of(Modifier::AltGraph)->on($system));

        return $isAltGr ? Level::of($held->has(Modifier::Shift), true) : null;
    }

    /**
     * Where a character is typed: the keys of the writing block before those of the number pad, by level; dead keys last.
     *
     * @return list<KeyLevel>
     */
    public function ways(Character $character): array
    {
        $ways = [];
        foreach (Level::cases() as $level) {
            foreach ($this->symbols as $code => $symbols) {
                if (isset($symbols[$level->value]) && $symbols[$level->value]->character === $character->value) {
                    $ways[] = new KeyLevel(Key::from($code), $level, $symbols[$level->value]);
                }
            }
        }
        usort(
            $ways,
            static fn (KeyLevel $one, KeyLevel $other): int => [$one->symbol->isDead, $one->key->isOnNumberPad(), $one->level->value] <=> [
                $other->symbol->isDead,
                $other->key->isOnNumberPad(),
                $other->level->value,
            ],
        );

        return $ways;
    }

    /** What stands on the keycap: the capital of a letter, else the plain character, or null for keys that type nothing. */
    public function legend(Key $key): ?string
    {
        $plain = $this->symbol($key, Level::Plain);
        if ($plain === null || trim($plain->character) === '') {
            return null;
        }
        $shifted = $this->symbol($key, Level::Shift)->character ?? '';
        // The dotted capital of Turkish becomes a plain i and a dot of its own.
        $isCapital =
            mb_strtoupper($plain->character) === $shifted || str_replace("\u{307}", '', mb_strtolower($shifted)) === $plain->character;

        return $isCapital ? $shifted : $plain->character;
    }

    /** @return array<string, string> what each key types plainly, by key code */
    public function plain(): array
    {
        return array_filter(
            array_map(
                static fn (array $symbols): string => array_key_exists(Level::Plain->value, $symbols)
                    ? $symbols[Level::Plain->value]->character
                    : '',
                $this->symbols,
            ),
            static fn (string $plain): bool => $plain !== '',
        );
    }
}
