<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Spelling;

use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/**
 * How a key file writes a chord: in one text, or the held modifiers apart from the key.
 *
 * @phpstan-import-type KeyWordsData from KeyWords
 * @phpstan-import-type ModifierWordsData from ModifierWords
 *
 * @phpstan-type ChordSpellingData array{
 *     modifiers: ModifierWordsData,
 *     keys?: KeyWordsData,
 *     between?: string,
 *     before_key?: string,
 *     around?: array{string, string},
 *     yes?: string,
 *     no?: string,
 *     unbound?: list<string>,
 * }
 */
final class ChordSpelling
{
    /** @var array<string, Chord> those that were read; most chords come again and again */
    private array $read = [];

    /**
     * @param  string  $between  between modifiers; a blank stands for any number of them; empty where they stand side by side
     * @param  string  $beforeKey  between the last modifier and the key
     * @param  array{string, string}  $around  what stands around the whole
     * @param  string  $yes  what stands in the place of a modifier that is held, where each has its own
     * @param  list<string>  $unbound  what stands where a command has no chord
     */
    private function __construct(
        public readonly ModifierWords $modifiers,
        public readonly KeyWords $keys,
        private readonly string $between,
        private readonly string $beforeKey,
        private readonly array $around,
        public readonly string $yes,
        public readonly string $no,
        private readonly array $unbound,
    ) {
    }

    /** @param  ChordSpellingData  $data */
    public static function fromData(array $data): self
    {
        $between = $data['between'] ?? '+';

        return new self(
            ModifierWords::fromData($data['modifiers']),
            KeyWords::fromData($data['keys'] ?? []),
            $between,
            $data['before_key'] ?? $between,
            $data['around'] ?? ['', ''],
            $data['yes'] ?? '1',
            $data['no'] ?? '',
            $data['unbound'] ?? [],
        );
    }

    public function isUnbound(string $text): bool
    {
        return in_array(trim($text), $this->unbound, true);
    }

    /** What is written where a command has no chord. */
    public function unbound(): string
    {
        return $this->unbound[0] ?? '';
    }

    /** @throws UnreadableChord */
    public function parse(string $text): Chord
    {
        return $this->read[$text] ??= $this->parsed(trim($text));
    }

    private function parsed(string $text): Chord
    {
        [$open, $close] = $this->around;
        $inner = $text;
        if ($open.$close !== '') {
            $isAround = str_starts_with($text, $open) && str_ends_with($text, $close) && strlen($text) > strlen($open.$close);
            $inner = $isAround ? substr($text, strlen($open), strlen($text) - strlen($open.$close)) : $text;
            $isAround || throw UnreadableChord::unspeakable($text, "it does not stand in {$open} and {$close}");
        }

        return $this->between === '' || $this->between !== $this->beforeKey ? $this->prefixed($inner) : $this->joined($inner);
    }

    /** Words with one sign between them, the key last. */
    private function joined(string $text): Chord
    {
        // The key can be the sign itself, so the last character does not separate.
        $cut = strlen($text) <= strlen($this->between) ? false : strrpos($text, $this->between, -1 - strlen($this->between));
        [$words, $last] = $cut === false ? ['', $text] : [substr($text, 0, $cut), substr($text, $cut + strlen($this->between))];
        $held = Modifiers::of();
        foreach ($this->words($words) as $word) {
            $held = $this->holding($held, $word, $text);
        }

        return Chord::with($held, $this->key($last, $text));
    }

    /** @return list<string> */
    private function words(string $text): array
    {
        $words = $this->between === '' ? [] : explode($this->between, $text);

        return array_values(array_filter(array_map(trim(...), $words), static fn (string $word): bool => $word !== ''));
    }

    private function holding(Modifiers $held, string $word, string $text): Modifiers
    {
        $modifier =
            $this->modifiers->modifier($word) ??
            throw UnreadableChord::unspeakable($text, "\"{$word}\" is not one of ".implode(', ', $this->modifiers->all()));

        return $held->has($modifier) ? throw UnreadableChord::unspeakable($text, "it names {$word} twice") : $held->with($modifier);
    }

    /** Letters or signs for modifiers right before one another, then the key. */
    private function prefixed(string $text): Chord
    {
        $held = Modifiers::of();
        $left = $text;
        while (true) {
            $key = $this->keys->key($left);
            if ($key !== null && ($held->all() === [] || $this->beforeKey === '' || $this->between !== '')) {
                return Chord::with($held, $key);
            }
            if ($held->all() !== [] && $this->beforeKey !== '' && str_starts_with($left, $this->beforeKey)) {
                return Chord::with($held, $this->key(substr($left, strlen($this->beforeKey)), $text));
            }
            $word = $this->wordAtStart($left);
            if ($word === null) {
                return Chord::with($held, $this->key($left, $text));
            }
            $held = $this->holding($held, $word, $text);
            $left = substr($left, strlen($word));
            $left = $this->between !== '' && str_starts_with($left, $this->between) ? substr($left, strlen($this->between)) : $left;
        }
    }

    private function wordAtStart(string $text): ?string
    {
        foreach ($this->modifiers->all() as $word) {
            $start = substr($text, 0, strlen($word));
            if ($start !== '' && strlen($text) > strlen($word) && $this->modifiers->modifier($start) !== null) {
                return $start;
            }
        }

        return null;
    }

    private function key(string $word, string $text): Key|Character
    {
        return $this->keys->key(trim($word) === '' ? $word : trim($word)) ??
            throw UnreadableChord::unspeakable($text, "\"{$word}\" is not a key");
    }

    /**
     * A chord whose modifiers stand apart from its key.
     *
     * @throws UnreadableChord
     */
    public function parseApart(string $held, string $key): Chord
    {
        return $this->read["{$held}\0{$key}"] ??= Chord::with($this->held(trim($held), $key), $this->key($key, trim("{$held} {$key}")));
    }

    /**
     * A chord each of whose modifiers has a place.
     *
     * @throws UnreadableChord
     */
    public function parseWith(Modifiers $held, string $key): Chord
    {
        return Chord::with($held, $this->key($key, $key));
    }

    private function held(string $held, string $key): Modifiers
    {
        if ($this->modifiers->isSum()) {
            return $held === '' ? Modifiers::of() : $this->modifiers->ofSum($held);
        }
        $modifiers = Modifiers::of();
        if ($this->modifiers->isNone($held)) {
            return $modifiers;
        }
        if ($this->between !== '') {
            foreach ($this->words($held) as $word) {
                $modifiers = $this->holding($modifiers, $word, "{$held} {$key}");
            }

            return $modifiers;
        }
        for ($left = $held; $left !== ''; $left = substr($left, strlen($word))) {
            $word = $this->wordAtStart("{$left} ") ?? mb_substr($left, 0, 1);
            $modifiers = $this->holding($modifiers, $word, "{$held} {$key}");
        }

        return $modifiers;
    }

    /** @throws UnreadableChord */
    public function print(Chord $chord): string
    {
        $held = $this->printHeld($chord->modifiers, false, '');
        $glue = $held === '' ? '' : $this->beforeKey;

        return $this->around[0].$held.$glue.$this->keys->spell($chord->key).$this->around[1];
    }

    /**
     * @param  string|null  $none  what to write where no modifier is held; as the description says where it is null
     *
     * @throws UnreadableChord
     */
    public function printHeld(Modifiers $held, bool $isHexadecimal = false, ?string $none = null): string
    {
        if ($held->all() === []) {
            return $none ?? ($isHexadecimal && $this->modifiers->isSum() ? '0x00' : $this->modifiers->none());
        }

        return $this->modifiers->isSum()
            ? $this->modifiers->sum($held, $isHexadecimal)
            : implode($this->between, array_map($this->modifiers->word(...), $held->all()));
    }
}
