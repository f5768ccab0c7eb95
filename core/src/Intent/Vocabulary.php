<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/**
 * The intents, and which commands of which applications fulfil them.
 *
 * @phpstan-type IntentData array{
 *     id: string,
 *     name: string,
 *     group: string,
 *     synonyms: list<string>,
 *     frequency?: string,
 *     traits?: list<string>,
 *     family?: string,
 *     consequence?: string,
 * }
 * @phpstan-type MatchData array{command: string, intent: string, difference?: string}
 */
final readonly class Vocabulary
{
    /** @var array<string, array<string, CommandMatch>> by application and command */
    private array $byCommand;

    /** @var array<string, array<string, CommandMatch>> by application and intent: the first that fulfils it */
    private array $byIntent;

    /**
     * @param  array<string, Intent>  $intents  by id
     * @param  array<string, list<CommandMatch>>  $matches  by application
     */
    private function __construct(private array $intents, private array $matches)
    {
        $byCommand = [];
        $byIntent = [];
        foreach ($matches as $application => $list) {
            foreach ($list as $match) {
                $byCommand[$application][$match->command] ??= $match;
                $byIntent[$application][$match->intent] ??= $match;
            }
        }
        $this->byCommand = $byCommand;
        $this->byIntent = $byIntent;
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
        foreach ($intents as $intent) {
            $byId[$intent['id']] = new Intent(
                $intent['id'],
                $intent['name'],
                $intent['group'],
                $intent['synonyms'],
                Frequency::from($intent['frequency'] ?? Frequency::Sometimes->value),
                array_map(IntentTrait::from(...), $intent['traits'] ?? []),
                $intent['family'] ?? null,
                $intent['consequence'] ?? null,
            );
        }
        $byApplication = [];
        foreach ($matches as $application => $list) {
            $byApplication[$application] = array_map(static fn (array $match): CommandMatch => self::match($match, $byId), $list);
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

    /** The first match of an application to an intent. */
    public function matchOf(string $application, string $intent): ?CommandMatch
    {
        return $this->byIntent[$application][$intent] ?? null;
    }

    /** @return array<string, CommandMatch> by intent: the first of an application that fulfils it */
    public function firstMatchesOf(string $application): array
    {
        return $this->byIntent[$application] ?? [];
    }

    public function matchFor(string $application, string $command): ?CommandMatch
    {
        return $this->byCommand[$application][$command] ?? null;
    }

    /** @return list<CommandMatch> all of an application, in the order of the data */
    public function matchesOf(string $application): array
    {
        return $this->matches[$application] ?? [];
    }

    /**
     * What somebody adds: intents of their own, and matches that go before the shipped ones of the same command.
     *
     * @param  list<IntentData>  $intents
     * @param  array<string, list<MatchData>>  $matches  by application
     *
     * @throws UnknownIntent
     */
    public function with(array $intents, array $matches): self
    {
        $own = self::fromData($intents, []);
        $all = $this->intents + $own->intents;
        $merged = $this->matches;
        foreach ($matches as $application => $list) {
            $made = array_map(static fn (array $match): CommandMatch => self::match($match, $all), $list);
            $replaced = array_fill_keys(array_map(static fn (CommandMatch $one): string => $one->command, $made), true);
            $merged[$application] = [
                ...$made,
                ...array_values(
                    array_filter(
                        $this->matches[$application] ?? [],
                        static fn (CommandMatch $one): bool => ! isset($replaced[$one->command]),
                    ),
                ),
            ];
        }

        return new self($all, $merged);
    }

    /** The same without any match of one application. */
    public function without(string $application): self
    {
        return new self($this->intents, array_diff_key($this->matches, [$application => true]));
    }

    /**
     * @param  MatchData  $match
     * @param  array<string, Intent>  $intents
     */
    private static function match(array $match, array $intents): CommandMatch
    {
        $intent = $intents[$match['intent']] ?? throw UnknownIntent::named($match['intent']);
        $difference = $match['difference'] ?? null;

        return new CommandMatch(
            $match['command'],
            $intent->id,
            $difference === null ? Correspondence::Exact : Correspondence::Near,
            $difference,
        );
    }

    /**
     * The intents that at least two of some applications have.
     *
     * @param  list<string>  $applications
     * @return list<string> ids
     */
    public function sharedBy(array $applications): array
    {
        $shared = [];
        foreach ($this->intents() as $intent) {
            $having = array_filter($applications, fn (string $application): bool => $this->matchOf($application, $intent->id) !== null);
            if (count($having) > 1) {
                $shared[] = $intent->id;
            }
        }

        return $shared;
    }
}
