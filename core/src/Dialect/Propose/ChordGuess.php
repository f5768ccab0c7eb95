<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Located;

/**
 * Where chords could stand in the parts of a group, and how they would be spelled there.
 *
 * @phpstan-import-type ChordData from \Zebrafinch\Core\Dialect\Description
 * @phpstan-import-type ChordSpellingData from \Zebrafinch\Core\Dialect\Spelling\ChordSpelling
 */
final readonly class ChordGuess
{
    private const SEVERAL = [', ', ' | ', '; ', ' or ', ' / ', ',', '|', ';'];

    private const YES = ['x', 'yes', 'true', '1', 'y', 'on', '✓', '*', '+', 'ja', 'oui'];

    private const NO = ['', 'no', 'false', '0', 'n', 'off', '-', 'nein', 'non'];

    /**
     * @param  float  $quality  0 to 1
     * @param  list<ChordData>  $locators
     * @param  ChordSpellingData  $spelling
     * @param  list<Slot>  $used
     */
    private function __construct(
        public float $quality,
        public array $locators,
        public array $spelling,
        public array $used,
        public float $share,
    ) {
    }

    /**
     * @param  list<Slot>  $slots
     * @param  array<string, Slot>  $said  by role: places that somebody pointed at
     */
    public static function of(array $slots, array $said, Meanings $meanings): ?self
    {
        $guesses = [];
        if (isset($said[Role::Chord->value])) {
            return self::whole([$said[Role::Chord->value]], $meanings, true);
        }
        $free = array_values(array_filter($slots, static fn (Slot $slot): bool => ! in_array($slot, $said, true)));
        if (! isset($said[Role::Key->value])) {
            foreach ($free as $slot) {
                $guess = self::whole([$slot], $meanings, false);
                if ($guess !== null) {
                    $guesses[] = $guess;
                }
            }
            $guesses[] = self::columns($free, $meanings);
        }
        $guesses[] = self::apart($free, $said, $meanings);
        $guesses = array_values(array_filter($guesses, static fn (?self $one): bool => $one !== null));
        usort($guesses, static fn (self $one, self $other): int => $other->quality <=> $one->quality);

        return $guesses[0] ?? null;
    }

    /** @param  non-empty-list<Slot>  $slots */
    private static function whole(array $slots, Meanings $meanings, bool $isSaid): ?self
    {
        $texts = array_merge(...array_map(static fn (Slot $one): array => $one->texts(), $slots));
        $plain = SpellingGuess::ofWhole($texts, $meanings);
        $best = [$plain, ''];
        if (! $slots[0]->isList() && count($slots) === 1) {
            foreach (self::SEVERAL as $between) {
                $with = array_filter(
                    $texts,
                    static fn (string $one): bool => substr_count(trim($one), $between) > 0 && strlen(trim($one)) > strlen($between) + 1,
                );
                if ($with === []) {
                    continue;
                }
                $pieces = [];
                foreach ($slots[0]->found as $located) {
                    foreach ($located as $one) {
                        $pieces = [
                            ...$pieces,
                            ...array_map(static fn (Located $piece): string => $piece->text, $one->pieces($between, '')),
                        ];
                    }
                }
                $guess = SpellingGuess::ofWhole($pieces, $meanings);
                $best = $guess->share > $best[0]->share + 0.001 ? [$guess, $between] : $best;
            }
        }
        [$guess, $between] = $best;
        if (! $isSaid && ($guess->share < 0.6 || $guess->read < 2)) {
            return null;
        }
        $hint = max(array_map(static fn (Slot $one): float => Role::Chord->isSaidBy($one->label), $slots));
        // Words without any modifier may be keys by chance.
        $quality = $guess->share * ($guess->held > 0 ? 0.8 : 0.35) + 0.15 * $hint + (count($slots) > 1 ? 0.05 : 0);
        $locators = array_map(
            static fn (Slot $one): array => ['whole' => $one->locator->toData()] + ($between === '' ? [] : ['between' => $between]),
            $slots,
        );

        return new self($quality, $locators, $guess->data, $slots, $guess->share);
    }

    /**
     * Several columns with a chord in each.
     *
     * @param  list<Slot>  $slots
     */
    private static function columns(array $slots, Meanings $meanings): ?self
    {
        $chords = [];
        foreach ($slots as $slot) {
            $guess = SpellingGuess::ofWhole($slot->texts(), $meanings);
            $isBound = array_filter($slot->texts(), static fn (string $one): bool => ! SpellingGuess::isUnbound($one)) !== [];
            if (
                $isBound &&
                $guess->share >= 0.8 &&
                ! $slot->isList() &&
                count($slot->locator->in) === 1 &&
                ($guess->held > 0 || Role::Chord->isSaidBy($slot->label) > 0)
            ) {
                $chords[] = $slot;
            }
        }

        return count($chords) < 2 || self::flags($slots, $meanings) !== [] ? null : self::whole($chords, $meanings, false);
    }

    /**
     * @param  list<Slot>  $slots
     * @param  array<string, Slot>  $said
     */
    private static function apart(array $slots, array $said, Meanings $meanings): ?self
    {
        $flags = self::flags($slots, $meanings);
        $key = $said[Role::Key->value] ?? null;
        $keyGuess = $key === null ? null : SpellingGuess::ofKeys($key->texts(), $meanings);
        foreach ($key === null ? $slots : [] as $slot) {
            $guess = SpellingGuess::ofKeys($slot->texts(), $meanings);
            $quality = $guess->share + Role::Key->isSaidBy($slot->label);
            if (
                $guess->share >= 0.8 &&
                ! isset($flags[$slot->label]) &&
                ($key === null || $keyGuess === null || $quality > $keyGuess->share + Role::Key->isSaidBy($key->label))
            ) {
                [$key, $keyGuess] = [$slot, $guess];
            }
        }
        if ($key === null || $keyGuess === null) {
            return null;
        }
        if ($flags !== []) {
            return self::flagged($flags, $key, $keyGuess, $meanings);
        }
        $held = $said[Role::Held->value] ?? null;
        foreach ($held === null ? $slots : [] as $slot) {
            $guess = $slot === $key ? null : SpellingGuess::ofHeld($slot->texts(), $meanings);
            if ($guess !== null && $guess->share >= 0.9 && Role::Held->isSaidBy($slot->label) > 0) {
                $held = $slot;
            }
        }
        $heldGuess = $held === null ? null : SpellingGuess::ofHeld($held->texts(), $meanings);
        if ($held === null || $heldGuess === null) {
            return null;
        }

        return new self(
            0.45 * $keyGuess->share + 0.45 * $heldGuess->share + 0.1 * Role::Key->isSaidBy($key->label),
            [['held' => $held->locator->toData(), 'key' => $key->locator->toData()]],
            ['modifiers' => $heldGuess->data['modifiers']] + ['between' => $heldGuess->data['between'] ?? '+'] + $keyGuess->data,
            [$held, $key],
            $keyGuess->share,
        );
    }

    /**
     * Places that are named after a modifier and say yes or no.
     *
     * @param  list<Slot>  $slots
     * @return array<string, array{Slot, \Zebrafinch\Core\Keyboard\Modifier}>  by name
     */
    private static function flags(array $slots, Meanings $meanings): array
    {
        $flags = [];
        foreach ($slots as $slot) {
            $modifier = $meanings->modifier($slot->label) ?? TradeWords::modifier(ltrim($slot->label, '@'));
            $values = array_map(static fn (string $one): string => mb_strtolower(trim($one)), $slot->texts());
            if ($modifier !== null && array_diff($values, [...self::YES, ...self::NO]) === []) {
                $flags[$slot->label] = [$slot, $modifier];
            }
        }

        return $flags;
    }

    /** @param  non-empty-array<string, array{Slot, \Zebrafinch\Core\Keyboard\Modifier}>  $flags */
    private static function flagged(array $flags, Slot $key, SpellingGuess $guess, Meanings $meanings): self
    {
        $words = array_map(static fn (array $one): string => $one[1]->value, $flags);
        $named = SeenWords::withPrimary(['words' => $words], $meanings)['words'] ?? [];
        $texts = array_merge(...array_map(static fn (array $one): array => $one[0]->texts(), array_values($flags)));
        $counts = array_count_values(array_map(trim(...), $texts));
        arsort($counts);
        $yes = array_values(
            array_filter(
                array_map(strval(...), array_keys($counts)),
                static fn (string $one): bool => in_array(mb_strtolower($one), self::YES, true),
            ),
        );
        $no = array_values(
            array_filter(
                array_map(strval(...), array_keys($counts)),
                static fn (string $one): bool => in_array(mb_strtolower($one), self::NO, true),
            ),
        );
        $locators = [];
        foreach ($flags as $label => [$slot]) {
            $locators[$named[$label]] = $slot->locator->toData();
        }

        return new self(
            0.9 * $guess->share + 0.1 * Role::Key->isSaidBy($key->label),
            [['flags' => $locators, 'key' => $key->locator->toData()]],
            ['modifiers' => ['words' => $named], 'yes' => $yes[0] ?? 'x', 'no' => $no[0] ?? ''] + $guess->data,
            [$key, ...array_values(array_map(static fn (array $one): Slot => $one[0], $flags))],
            $guess->share,
        );
    }
}
