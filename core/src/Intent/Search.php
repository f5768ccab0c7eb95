<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;

/**
 * Finds commands by the words people know: of the name, the menu path, the tooltip, the context,
 * or of the intent and its synonyms. Word order does not matter, and a slip of the finger is forgiven.
 */
final readonly class Search
{
    private const WEIGHTS = ['name' => 5.0, 'synonym' => 4.0, 'menu' => 2.0, 'tooltip' => 1.5, 'context' => 1.0];

    /** Added when all that was typed stands together in one name or synonym. */
    private const WHOLE_PHRASE = 6.0;

    /** @param  list<Application>  $applications */
    public function __construct(private array $applications, private Vocabulary $vocabulary)
    {
    }

    /** @return list<Hit> the best first; empty when nothing was typed */
    public function find(string $typed, int $most): array
    {
        $words = WordMatcher::words($typed);
        if ($words === []) {
            return [];
        }
        $hits = [];
        foreach ($this->applications as $application) {
            foreach ($application->commands() as $command) {
                $hits[] = $this->rate($application, $command, $words);
            }
        }
        $hits = array_values(array_filter($hits));
        usort($hits, static fn (Hit $one, Hit $other): int => [$other->score, $one->command->name] <=> [$one->score, $other->command->name]);

        return array_slice($hits, 0, $most);
    }

    /** @param  non-empty-list<string>  $words */
    private function rate(Application $application, Command $command, array $words): ?Hit
    {
        $match = $this->vocabulary->matchFor($application->id, $command->id);
        $intent = $match === null ? null : $this->vocabulary->intent($match->intent);
        $fields = $this->fields($application, $command, $intent);
        $score = 0.0;
        $best = 0.0;
        $because = '';
        foreach ($words as $word) {
            [$points, $where] = $this->bestField($word, $fields);
            if ($points === 0.0) {
                return null;
            }
            $score += $points;
            if ($points > $best) {
                [$best, $because] = [$points, $where];
            }
        }
        foreach ($fields as [$kind, $text]) {
            if ($kind !== 'tooltip' && WordMatcher::words($text) === $words) {
                [$score, $because] = [$score + self::WHOLE_PHRASE, "{$kind} \"{$text}\""];
                break;
            }
        }

        return new Hit($application, $command, $intent, $score / count($words), $because);
    }

    /** @return non-empty-list<array{key-of<self::WEIGHTS>, string}> kind and text, the weightiest first */
    private function fields(Application $application, Command $command, ?Intent $intent): array
    {
        $synonyms = $intent === null ? [] : [$intent->name, ...$intent->synonyms];

        return [
            ['name', $command->name],
            ...array_map(static fn (string $text): array => ['synonym', $text], $synonyms),
            ...array_map(static fn (string $text): array => ['menu', $text], $command->menu),
            ['tooltip', $command->tooltip],
            ['context', $application->contexts->get($command->home)->name],
        ];
    }

    /**
     * @param  list<array{key-of<self::WEIGHTS>, string}>  $fields
     * @return array{float, string} points, and where they come from
     */
    private function bestField(string $word, array $fields): array
    {
        $best = [0.0, ''];
        foreach ($fields as [$kind, $text]) {
            foreach (WordMatcher::words($text) as $written) {
                $points = self::WEIGHTS[$kind] * WordMatcher::fit($word, $written);
                if ($points > $best[0]) {
                    $best = [$points, "{$kind} \"{$text}\""];
                }
            }
        }

        return $best;
    }
}
