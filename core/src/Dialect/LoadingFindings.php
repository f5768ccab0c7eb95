<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\LoadingRule;

/** Says which lines of a key file the application would not obey, by its own loading rule. */
final readonly class LoadingFindings
{
    /** @return list<Finding> these and what the reading found, in file order */
    public static function withReading(KeyFile $file, Application $application): array
    {
        $findings = [...self::of($file, $application), ...$file->findings];
        usort($findings, static fn (Finding $one, Finding $other): int => $one->line <=> $other->line);

        return $findings;
    }

    /** @return list<Finding> in file order */
    public static function of(KeyFile $file, Application $application): array
    {
        $claims = [];
        foreach ($file->entries as $entry) {
            $claims[$entry->binding->context.' '.$entry->binding->chord->id().' '.$entry->binding->gesture->value][] = $entry;
        }
        $findings = [];
        foreach (array_filter($claims, static fn (array $entries): bool => count($entries) > 1) as $entries) {
            array_push($findings, ...self::forClaims($file, $application, $entries));
        }
        usort($findings, static fn (Finding $one, Finding $other): int => $one->line <=> $other->line);

        return $findings;
    }

    /**
     * @param  non-empty-list<Entry>  $entries
     * @return list<Finding>
     */
    private static function forClaims(KeyFile $file, Application $application, array $entries): array
    {
        $first = $entries[0];
        $last = $entries[count($entries) - 1];
        $context = $application->contexts->get($first->binding->context)->name;
        $commandOf = static fn (Entry $entry): string => $application->commandName($entry->binding->command);
        $finding = static fn (FindingKind $kind, Entry $entry, string $sentence): Finding => new Finding(
            $kind,
            $entry->line,
            $file->lineOf($entry),
            $sentence,
        );

        return match ($application->loading) {
            LoadingRule::RefuseFile => array_map(
                static fn (Entry $entry): Finding => $finding(
                    FindingKind::Refused,
                    $entry,
                    "{$context} already has this chord in line {$first->line}; {$application->name} refuses the whole file because of it.",
                ),
                array_slice($entries, 1),
            ),
            LoadingRule::FirstLineWins => array_map(
                static fn (Entry $entry): Finding => $finding(
                    FindingKind::Dead,
                    $entry,
                    "Never obeyed: line {$first->line} has the chord in {$context} first and gives it to {$commandOf($first)}.",
                ),
                array_slice($entries, 1),
            ),
            LoadingRule::LastLineWins => array_map(
                static fn (Entry $entry): Finding => $finding(
                    FindingKind::Dead,
                    $entry,
                    "Undone by line {$last->line}, which gives the chord in {$context} to {$commandOf($last)}.",
                ),
                array_slice($entries, 0, -1),
            ),
        };
    }
}
