<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/**
 * Finds commands by the words people know: of the name, the menu path, the tooltip, the context, or of the intent and its
 * synonyms. Word order does not matter, a slip of the finger is forgiven, and a word that leads nowhere only weighs against.
 * What all words lead to comes before what some do; words that only join others tell apart what the saying ones lead to alike.
 *
 * @phpstan-import-type EntryData from SearchIndex
 */
final readonly class Search
{
    /** Added when all that was typed is a name or a synonym. */
    private const WHOLE_PHRASE = 1.0;

    /** Added when the command fulfils an intent: what every trade wants is asked for more often than what one application has. */
    private const COMMON_INTENT = 0.05;

    /** Added when all words that say something lead there: more than any other sum of reasons. */
    private const ALL_WORDS = 3.0;

    /** The fit from which a word is taken to lead somewhere. */
    private const LEADS = 0.3;

    /** What a word that only joins others weighs, beside those that say something. */
    private const JOINING = 0.02;

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
        $scores = $this->scores($words, array_diff(WordMatcher::words($typed), $words));
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
     * @param  list<string>  $words  that say something
     * @param  array<string>  $joining  the others
     * @return array<int, float> by entry
     */
    private function scores(array $words, array $joining): array
    {
        $sums = [];
        $leading = [];
        $whole = 0.0;
        foreach ($words as $word) {
            $reached = $this->index->reached($word);
            // A word that leads to few commands says more than one that leads to many; one that leads nowhere still asks for something.
            $weight = log(1 + $this->index->size() / (1 + count(array_filter($reached, static fn (float $fit): bool => $fit > 0.5))));
            $whole += $weight;
            foreach ($reached as $entry => $fit) {
                $sums[$entry] = ($sums[$entry] ?? 0.0) + $weight * $fit;
                $leading[$entry] = ($leading[$entry] ?? 0) + ($fit >= self::LEADS ? 1 : 0);
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
        foreach ($joining as $word) {
            foreach (array_intersect_key($this->index->reached($word), $shares) as $entry => $fit) {
                $shares[$entry] += self::JOINING * $fit;
            }
        }
        foreach (array_keys($shares) as $entry) {
            if (count($words) > 1 && $leading[$entry] === count($words)) {
                $shares[$entry] += self::ALL_WORDS;
            }
        }

        return $shares;
    }
}
