<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;

/**
 * The words by which commands are known, each with the commands it leads to. Made once for some applications and their
 * vocabulary; its data is plain and can be compiled.
 *
 * @phpstan-type EntryData array{application: string, command: string, intent: string|null}
 * @phpstan-type IndexData array{
 *     entries: list<EntryData>,
 *     words: array<string, array<int, int>>,
 *     stems: array<string, string>,
 *     phrases: array<string, list<int>>,
 * }
 */
final readonly class SearchIndex
{
    /** What a word is worth by where it stands. In hundredths, so that the compiled data stays small. */
    private const WORTH = ['name' => 100, 'synonym' => 90, 'menu' => 35, 'tooltip' => 40, 'context' => 25, 'application' => 20];

    /** @param  IndexData  $data */
    private function __construct(private array $data)
    {
    }

    /** @param  list<Application>  $applications */
    public static function of(array $applications, Vocabulary $vocabulary): self
    {
        $data = ['entries' => [], 'words' => [], 'stems' => [], 'phrases' => []];
        foreach ($applications as $application) {
            foreach ($application->commands() as $command) {
                $match = $vocabulary->matchFor($application->id, $command->id);
                $intent = $match === null ? null : $vocabulary->intent($match->intent);
                $entry = count($data['entries']);
                $data['entries'][] = ['application' => $application->id, 'command' => $command->id, 'intent' => $intent?->id];
                foreach (self::texts($application, $command, $intent) as [$field, $text]) {
                    foreach (WordMatcher::words($text) as $word) {
                        $data['stems'][$word] ??= WordMatcher::stem($word);
                        $data['words'][$word][$entry] = max($data['words'][$word][$entry] ?? 0, self::WORTH[$field]);
                    }
                    if ($field === 'name' || $field === 'synonym') {
                        $data['phrases'][self::phrase(WordMatcher::sayingWords($text))][] = $entry;
                    }
                }
            }
        }

        return new self($data);
    }

    /** @param  IndexData  $data */
    public static function fromData(array $data): self
    {
        return new self($data);
    }

    /** @return IndexData */
    public function toData(): array
    {
        return $this->data;
    }

    /** @return EntryData */
    public function entry(int $number): array
    {
        return $this->data['entries'][$number];
    }

    public function size(): int
    {
        return count($this->data['entries']);
    }

    /**
     * What a typed word leads to: by entry, how well it fits there, from 0 to 1.
     *
     * @return array<int, float>
     */
    public function reached(string $typed): array
    {
        $reached = [];
        $matcher = new WordMatcher($typed);
        foreach ($this->data['stems'] as $word => $stem) {
            $fit = $matcher->fit((string) $word, $stem);
            foreach ($fit > 0 ? $this->data['words'][$word] : [] as $entry => $worth) {
                $reached[$entry] = max($reached[$entry] ?? 0.0, ($fit * $worth) / 100);
            }
        }

        return $reached;
    }

    /**
     * The entries that have a name or a synonym of exactly these words, in whatever order.
     *
     * @param  list<string>  $words
     * @return list<int>
     */
    public function called(array $words): array
    {
        return $this->data['phrases'][self::phrase($words)] ?? [];
    }

    /** @param  list<string>  $words */
    private static function phrase(array $words): string
    {
        $stems = array_map(WordMatcher::stem(...), $words);
        sort($stems);

        return implode(' ', $stems);
    }

    /** @return list<array{key-of<self::WORTH>, string}> */
    private static function texts(Application $application, Command $command, ?Intent $intent): array
    {
        return [
            ['name', $command->name],
            ...array_map(
                static fn (string $text): array => ['synonym', $text],
                $intent === null ? [] : [$intent->name, ...$intent->synonyms],
            ),
            ...array_map(static fn (string $text): array => ['menu', $text], $command->menu),
            ['tooltip', $command->tooltip],
            ['context', $application->contexts->get($command->home)->name],
            ['application', $application->name],
        ];
    }
}
