<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/**
 * What the words of the trade have to do with each other: which stand for the same, which name the things that every application
 * calls otherwise, and which are opposites.
 *
 * @phpstan-type WordsData array{same: list<list<string>>, things: list<string>, opposites: list<array{string, string}>}
 */
final class TradeWords
{
    /** What a word that names a thing says, compared with others. */
    private const THING = 0.35;

    /** Joining words that say something in the name of a command. */
    private const SAYING = ['in', 'all', 'as'];

    /** @var array<string, string> by word or phrase: the first word of its group */
    private readonly array $first;

    /** @var array<string, true> by stem */
    private readonly array $things;

    /** @var array<string, array<string, true>> by stem */
    private readonly array $opposites;

    /** @param  WordsData  $data */
    private function __construct(array $data)
    {
        $first = [];
        foreach ($data['same'] as $group) {
            foreach ($group as $word) {
                $first[$word] = $group[0];
            }
        }
        // Longer phrases are looked for first.
        uksort($first, static fn (string $one, string $other): int => [str_word_count($other), $one] <=> [str_word_count($one), $other]);
        $this->first = $first;
        $this->things = array_fill_keys(array_merge(...array_map($this->stems(...), $data['things'])), true);
        $opposites = [];
        foreach ($data['opposites'] as [$one, $other]) {
            foreach ($this->stems($one) as $stem) {
                foreach ($this->stems($other) as $against) {
                    $opposites[$stem][$against] = true;
                    $opposites[$against][$stem] = true;
                }
            }
        }
        $this->opposites = $opposites;
    }

    /** @param  WordsData  $data  as in catalogues/words.json */
    public static function fromData(array $data): self
    {
        return new self($data);
    }

    /** @return list<string> the stems of a text's words, with one word for all that stand for the same */
    public function stems(string $text): array
    {
        $text = ' '.implode(' ', WordMatcher::words($text)).' ';
        foreach ($this->first as $phrase => $word) {
            if ($phrase !== $word) {
                $text = str_replace(" {$phrase} ", " {$word} ", $text);
            }
        }
        $words = array_values(array_filter(explode(' ', trim($text)), static fn (string $one): bool => $one !== ''));
        $saying = array_values(
            array_filter($words, static fn (string $one): bool => in_array($one, self::SAYING, true) || ! WordMatcher::isJoining($one)),
        );

        return array_map(WordMatcher::stem(...), $saying === [] ? $words : $saying);
    }

    public function worth(string $stem): float
    {
        return isset($this->things[$stem]) ? self::THING : 1.0;
    }

    /**
     * Whether one text has a word whose opposite the other has, and neither has both.
     *
     * @param  array<string, true>  $one  stems
     * @param  array<string, true>  $other
     */
    public function contradict(array $one, array $other): bool
    {
        foreach ($one as $stem => $true) {
            if (isset($other[$stem])) {
                continue;
            }
            foreach (array_intersect_key($this->opposites[$stem] ?? [], $other) as $against => $true) {
                if (! isset($one[$against])) {
                    return true;
                }
            }
        }

        return false;
    }
}
