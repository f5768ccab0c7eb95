<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/**
 * Finds commands by the words people know: of the name, the menu path, the tooltip, the context, or of the intent and its
 * synonyms. Word order does not matter, a slip of the finger is forgiven, and a word that leads nowhere only weighs against.
 *
 * @phpstan-import-type EntryData from SearchIndex
 */
final readonly class Search
{
    /** Added when all that was typed is a name or a synonym. */
    private const WHOLE_PHRASE = 1.0;

    /** Added when the command fulfils an intent: what every trade wants is asked for more often than what one application has. */
    private const COMMON_INTENT = 0.05;

    /** What is not reached by this share of the typed words' weight is not shown. */
    private const LEAST_SHARE = 0.3;

    public function __construct(private SearchIndex $index)
    {
    }

    /**
     * What the words lead to, an intent's commands together, the best first.
     *
     * @param  null|callable(EntryData): bool  $isWanted  narrows what is looked at
     * @return list<Found>
     */
    public function find(string $typed, int $most, ?callable $isWanted = null): array
    {
        $words = WordMatcher::sayingWords($typed);
        $scores = $this->scores($words);
        foreach ($this->index->called($words) as $entry) {
            $scores[$entry] = ($scores[$entry] ?? 0.0) + self::WHOLE_PHRASE;
        }
        arsort($scores);
        $found = [];
        foreach ($scores as $number => $score) {
            $entry = $this->index->entry($number);
            if ($isWanted !== null && ! $isWanted($entry)) {
                continue;
            }
            $group = $entry['intent'] ?? "{$entry['application']} {$entry['command']}";
            if (! isset($found[$group]) && count($found) === $most) {
                continue;
            }
            $found[$group] = ($found[$group] ?? new Found($entry['intent'], $score, []))->with($entry['application'], $entry['command']);
        }

        return array_values($found);
    }

    /**
     * @param  list<string>  $words
     * @return array<int, float> by entry
     */
    private function scores(array $words): array
    {
        $sums = [];
        $whole = 0.0;
        foreach ($words as $word) {
            $reached = $this->index->reached($word);
            // A word that leads to few commands says more than one that leads to many; one that leads nowhere still asks for something.
            $weight = log(1 + $this->index->size() / (1 + count(array_filter($reached, static fn (float $fit): bool => $fit > 0.5))));
            $whole += $weight;
            foreach ($reached as $entry => $fit) {
                $sums[$entry] = ($sums[$entry] ?? 0.0) + $weight * $fit;
            }
        }
        $shares = $whole > 0 ? array_map(static fn (float $sum): float => $sum / $whole, $sums) : [];
        $least = $shares === [] ? 0.0 : self::LEAST_SHARE * max($shares);
        foreach ($shares as $entry => $share) {
            if ($share < $least) {
                unset($shares[$entry]);
            } elseif ($this->index->entry($entry)['intent'] !== null) {
                $shares[$entry] += self::COMMON_INTENT;
            }
        }

        return $shares;
    }
}
