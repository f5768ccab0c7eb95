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

    /** @var array<string, string> by word or phrase: the word it begins with */
    private readonly array $begins;

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
        $this->begins = array_map(
            static fn (string $phrase): string => explode(' ', $phrase)[0],
            array_combine(array_keys($first), array_keys($first)),
        );
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
        $words = array_filter(explode(' ', trim($text)), static fn (string $one): bool => $one !== '');
        $present = array_fill_keys($words, true);
        foreach ($this->first as $phrase => $word) {
            if ($phrase !== $word && isset($present[$this->begins[$phrase]])) {
                $text = str_replace(" {$phrase} ", " {$word} ", $text, $times);
                if ($times > 0) {
                    $words = array_filter(explode(' ', trim($text)), static fn (string $one): bool => $one !== '');
                    $present += array_fill_keys($words, true);
                }
            }
        }
        $saying = array_values(
            array_filter($words, static fn (string $one): bool => in_array($one, self::SAYING, true) || ! WordMatcher::isJoining($one)),
        );

        return array_map(WordMatcher::stem(...), $saying === [] ? array_values($words) : $saying);
    }

    public function worth(string $stem): float
    {
        return isset($this->things[$stem]) ? self::THING : 1.0;
    }

    /**
     * Words of a text with those that say the opposite and that the text has not as well. Another text contradicts it when it has such a
     * word, and not the word itself.
     *
     * @param  array<string, true>  $stems
     * @return list<array{string, string}> a stem of the text, and its opposite
     */
    public function opposites(array $stems): array
    {
        $opposites = [];
        foreach ($stems as $stem => $true) {
            foreach (array_diff_key($this->opposites[$stem] ?? [], $stems) as $against => $true) {
                $opposites[] = [(string) $stem, (string) $against];
            }
        }

        return $opposites;
    }
}
