<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/**
 * The intents, and which commands of which applications fulfil them.
 *
 * @phpstan-type IntentData array{id: string, name: string, group: string, synonyms: list<string>, frequency?: string}
 * @phpstan-type MatchData array{command: string, intent: string, difference?: string}
 */
final readonly class Vocabulary
{
    /**
     * @param  array<string, Intent>  $intents  by id
     * @param  array<string, list<CommandMatch>>  $matches  by application
     */
    private function __construct(private array $intents, private array $matches)
    {
    }

    /**
     * @param  list<IntentData>  $intents  as in catalogues/intents.json
     * @param  array<string, list<MatchData>>  $matches  by application, as in catalogues/<id>/matches.json
     *
     * @throws UnknownIntent when a match names an intent that is not listed
     */
    public static function fromData(array $intents, array $matches): self
    {
        $byId = [];
        foreach ($intents as $one) {
            $byId[$one['id']] = new Intent($one['id'], $one['name'], $one['group'], $one['synonyms'], Frequency::from($one['frequency'] ?? Frequency::Sometimes->value));
        }
        $byApplication = [];
        foreach ($matches as $application => $list) {
            $byApplication[$application] = array_map(static function (array $match) use ($byId): CommandMatch {
                $intent = $byId[$match['intent']] ?? throw UnknownIntent::named($match['intent']);
                $difference = $match['difference'] ?? null;

                return new CommandMatch($match['command'], $intent->id, $difference === null ? Correspondence::Exact : Correspondence::Near, $difference);
            }, $list);
        }

        return new self($byId, $byApplication);
    }

    /** @return list<Intent> in the order of the data */
    public function intents(): array
    {
        return array_values($this->intents);
    }

    /** @throws UnknownIntent */
    public function intent(string $id): Intent
    {
        return $this->intents[$id] ?? throw UnknownIntent::named($id);
    }

    public function matchOf(string $application, string $intent): ?CommandMatch
    {
        return $this->first($application, static fn (CommandMatch $match): bool => $match->intent === $intent);
    }

    public function matchFor(string $application, string $command): ?CommandMatch
    {
        return $this->first($application, static fn (CommandMatch $match): bool => $match->command === $command);
    }

    /** @param  callable(CommandMatch): bool  $wanted */
    private function first(string $application, callable $wanted): ?CommandMatch
    {
        foreach ($this->matches[$application] ?? [] as $match) {
            if ($wanted($match)) {
                return $match;
            }
        }

        return null;
    }
}
