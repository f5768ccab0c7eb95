<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Dialect\Description;
use Zebrafinch\Core\Dialect\Finder;
use Zebrafinch\Core\Dialect\Found;

/**
 * The contexts and commands that a key file names, as the beginning of a catalogue.
 *
 * @phpstan-import-type ContextData from \Zebrafinch\Core\Application\CatalogueReader
 * @phpstan-import-type CommandData from \Zebrafinch\Core\Application\CatalogueReader
 */
final readonly class CatalogueProposal
{
    private const EVERYWHERE = [
        'everywhere',
        'global',
        'globally',
        'general',
        'application',
        'whole application',
        'all',
        'app',
        'main',
        'default',
        'any',
        'anywhere',
        'common',
        'overall',
        'überall',
        'partout',
        'allgemein',
        '*',
        '',
    ];

    public const MOST_COMMANDS = 10_000;

    /**
     * @param  list<ContextData>  $contexts
     * @param  list<CommandData>  $commands
     */
    private function __construct(public array $contexts, public array $commands)
    {
    }

    /** @param  list<string>  $texts  of key files */
    public static function of(Description $description, ?Slot $title, array $texts): self
    {
        $contexts = [ContextTree::EVERYWHERE => ['id' => ContextTree::EVERYWHERE, 'name' => 'Everywhere']];
        $idOf = [];
        $commands = [];
        $homes = [];
        foreach ($texts as $text) {
            foreach ((new Finder($description))->find($text) as $found) {
                if (! ($found instanceof Found) || $found->fault !== null || $found->command === null) {
                    continue;
                }
                $context = self::context($found->context->text ?? '', $contexts, $idOf);
                $word = $found->command->text;
                $homes[$word][$context] = ($homes[$word][$context] ?? 0) + 1;
                if (! isset($commands[$word]) && count($commands) < self::MOST_COMMANDS) {
                    $said = $title?->locator->find($found->part, $found->holders, $text)[0] ?? null;
                    $commands[$word] = trim($said->text ?? '') !== '' ? trim((string) $said?->text) : self::name($word, $description);
                }
            }
        }

        return new self(array_values($contexts), self::commands($commands, $homes));
    }

    /**
     * @param  array<string, ContextData>  $contexts
     * @param  array<string, string>  $idOf
     */
    private static function context(string $word, array &$contexts, array &$idOf): string
    {
        if (isset($idOf[$word])) {
            return $idOf[$word];
        }
        $isEverywhere = in_array(mb_strtolower(trim($word)), self::EVERYWHERE, true);
        $id = $isEverywhere ? ContextTree::EVERYWHERE : Slug::unlike($word, $contexts);
        if (! isset($contexts[$id])) {
            $contexts[$id] = ['id' => $id, 'name' => self::plainName($word), 'parent' => ContextTree::EVERYWHERE];
        }
        if ($word !== '' && ($word !== $id || isset($contexts[$id]['written']))) {
            $contexts[$id]['written'] = [...$contexts[$id]['written'] ?? [], $word];
        }

        return $idOf[$word] = $id;
    }

    /**
     * @param  array<string, string>  $names  by word
     * @param  array<string, array<string, int>>  $homes
     * @return list<CommandData>
     */
    private static function commands(array $names, array $homes): array
    {
        $made = [];
        foreach ($names as $word => $name) {
            $word = (string) $word;
            $id = Slug::unlike($word, $made);
            arsort($homes[$word]);
            $home = count($homes[$word]) > 1 ? ContextTree::EVERYWHERE : (string) array_key_first($homes[$word]);
            $made[$id] =
                ['id' => $id, 'name' => $name, 'tooltip' => $name, 'context' => $home] + ($id === $word ? [] : ['written' => $word]);
        }

        return array_values($made);
    }

    /** What a word of a key file reads like as a name: without what stands before its last point, and in words. */
    private static function name(string $word, Description $description): string
    {
        $own = preg_match('/^[\w-]+(?:[.:\/][\w-]+)+$/u', $word) === 1 ? (string) preg_replace('/^.*[.:\/]/', '', $word) : $word;

        return self::plainName($own);
    }

    private static function plainName(string $word): string
    {
        $words = trim((string) preg_replace(['/(?<=[\p{Ll}\p{N}])(?=\p{Lu})/u', '/[_\s-]+/u'], ' ', $word));
        $isCamel = preg_match('/\p{Ll}\p{Lu}/u', $word) === 1;
        $words = $isCamel ? mb_strtolower($words) : $words;

        return $words === '' ? $word : mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
