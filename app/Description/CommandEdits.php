<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\Library;
use Zebrafinch\Core\Dialect\Propose\CatalogueProposal;
use Zebrafinch\Core\Dialect\Propose\Slug;
use Zebrafinch\Core\Text\Csv\CsvReader;

/** Changes of the commands of a catalogue: one by one, from a list or a table, from another catalogue, and two made one. */
final readonly class CommandEdits
{
    /**
     * @param  array<string, mixed>  $catalogue
     * @param  array<mixed>  $edits  each with a `do`
     * @return list<array<string, mixed>>
     *
     * @throws ApplicationRefused when there would be too many
     */
    public static function apply(array $catalogue, array $edits, Library $library): array
    {
        /** @var list<array<string, mixed>> $commands */
        $commands = $catalogue['commands'] ?? [];
        $byId = [];
        foreach ($commands as $command) {
            $byId[(string) $command['id']] = $command;
        }
        $contexts = array_column((array) ($catalogue['contexts'] ?? []), 'id', 'id');
        foreach ($edits as $edit) {
            $byId = match ($edit['do'] ?? '') {
                'change' => self::changed($byId, $edit, $contexts),
                'remove' => array_diff_key($byId, [(string) ($edit['id'] ?? '') => true]),
                'merge' => self::merged($byId, (string) ($edit['id'] ?? ''), (string) ($edit['into'] ?? '')),
                'add' => self::added($byId, self::rows($edit), $contexts),
                'copy' => self::added($byId, self::ofCatalogue($library, (string) ($edit['application'] ?? '')), $contexts),
                default => $byId,
            };
        }
        if (count($byId) > CatalogueProposal::MOST_COMMANDS) {
            throw ApplicationRefused::notProven('it would have more than '.number_format(CatalogueProposal::MOST_COMMANDS).' commands');
        }

        return array_values($byId);
    }

    /**
     * @param  array<string, array<string, mixed>>  $byId
     * @param  array<string, mixed>  $edit
     * @param  array<string, string>  $contexts
     * @return array<string, array<string, mixed>>
     */
    private static function changed(array $byId, array $edit, array $contexts): array
    {
        $id = (string) ($edit['id'] ?? '');
        if (! isset($byId[$id])) {
            return $byId;
        }
        $new = array_intersect_key($edit, array_flip(['name', 'menu', 'tooltip', 'context', 'traits']));
        if (! isset($contexts[$new['context'] ?? ''])) {
            unset($new['context']);
        }
        $made = $new + $byId[$id];
        if (($made['menu'] ?? []) === []) {
            unset($made['menu']);
        }
        $byId[$id] = $made;

        return $byId;
    }

    /**
     * @param  array<string, array<string, mixed>>  $byId
     * @return array<string, array<string, mixed>>
     */
    private static function merged(array $byId, string $id, string $into): array
    {
        if ($id === $into || ! isset($byId[$id], $byId[$into])) {
            return $byId;
        }
        // What the one lacks the other gives; the word of the file stays with the one that has it.
        $byId[$into] += $byId[$id];
        if (isset($byId[$id]['written']) && ! isset($byId[$into]['written'])) {
            $byId[$into]['written'] = $byId[$id]['written'];
        }
        unset($byId[$id]);

        return $byId;
    }

    /**
     * Rows of a pasted list or table: the one with a name that is known adds to what is known, others are new.
     *
     * @param  array<string, array<string, mixed>>  $byId
     * @param  list<array<string, string>>  $rows
     * @param  array<string, string>  $contexts
     * @return array<string, array<string, mixed>>
     */
    private static function added(array $byId, array $rows, array $contexts): array
    {
        $byName = [];
        foreach ($byId as $id => $command) {
            $byName[mb_strtolower((string) $command['name'])] = (string) $id;
            $byName[mb_strtolower((string) ($command['written'] ?? $id))] ??= (string) $id;
        }
        foreach ($rows as $row) {
            $name = trim($row['name'] ?? '');
            if ($name === '') {
                continue;
            }
            $id = $byName[mb_strtolower(trim($row['word'] ?? ''))] ?? ($byName[mb_strtolower($name)] ?? null);
            $more = array_filter(
                [
                    'name' => mb_substr($name, 0, 200),
                    'menu' => self::menu($row['menu'] ?? ''),
                    'tooltip' => mb_substr(trim($row['tooltip'] ?? ''), 0, 500),
                    'context' => $contexts[Slug::of($row['context'] ?? '')] ?? '',
                ],
                static fn (mixed $one): bool => $one !== '' && $one !== [],
            );
            if ($id === null) {
                $id = Slug::unlike($name, $byId);
                $byId[$id] = ['id' => $id, 'name' => $name, 'tooltip' => $name, 'context' => 'everywhere'];
                // It stands in no key file yet: until it has a word there, only a menu can run it.
                $byId[$id]['traits'] = ['menu-only'];
            }
            $byId[$id] = $more + $byId[$id];
            $byName[mb_strtolower($name)] = $id;
        }

        return $byId;
    }

    /** @return list<string> */
    private static function menu(string $path): array
    {
        $items = preg_split('/\s*(?:>|›|→|\/|\|)\s*/u', trim($path)) ?: [];

        return array_values(array_filter($items, static fn (string $one): bool => $one !== ''));
    }

    /**
     * @param  array<string, mixed>  $edit  with the pasted `text` and, for a table, the `columns` in their order
     * @return list<array<string, string>>
     */
    private static function rows(array $edit): array
    {
        $text = (string) ($edit['text'] ?? '');
        $columns = array_map(strval(...), (array) ($edit['columns'] ?? []));
        if ($columns === []) {
            return array_map(static fn (string $line): array => ['name' => trim($line)], preg_split('/\R/', $text) ?: []);
        }
        $isTabbed = str_contains($text, "\t");
        $lines = $isTabbed
            ? array_map(static fn (string $line): array => explode("\t", $line), preg_split('/\R/', $text) ?: [])
            : array_values(
                array_map(
                    static fn (array $record): array => array_column($record[0], 0),
                    iterator_to_array(CsvReader::of($text), false),
                ),
            );
        $rows = [];
        foreach (array_slice($lines, ($edit['has_header'] ?? false) === true ? 1 : 0) as $cells) {
            $row = [];
            foreach ($columns as $index => $column) {
                if ($column !== '') {
                    $row[$column] = $cells[$index] ?? '';
                }
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /** @return list<array<string, string>> */
    private static function ofCatalogue(Library $library, string $id): array
    {
        $rows = [];
        foreach ($library->application($id)->commands() as $command) {
            $rows[] = [
                'name' => $command->name,
                'menu' => implode(' > ', $command->menu),
                'tooltip' => $command->tooltip,
                'context' => $command->home,
            ];
        }

        return $rows;
    }
}
