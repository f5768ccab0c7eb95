<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Dialect\Entry;
use Zebrafinch\Core\Dialect\KeyFile;

/** Chords of a key file that say, when somebody tries them in the application, which of two bindings wins there. */
final readonly class Contested
{
    /**
     * @param  array{Entry, Entry}|null  $inTwo  a chord that Everywhere and another context have; the one of Everywhere first
     * @param  array{Entry, Entry}|null  $twice  a chord that one context has twice, for two commands
     */
    private function __construct(public ?array $inTwo, public ?array $twice)
    {
    }

    public static function in(KeyFile $file): self
    {
        $everywhere = [];
        $seen = [];
        $twice = null;
        foreach ($file->entries as $entry) {
            $chord = "{$entry->binding->chord->id()} {$entry->binding->gesture->value}";
            $before = $seen["{$entry->binding->context} {$chord}"] ?? null;
            $twice ??= $before !== null && $before->binding->command !== $entry->binding->command ? [$before, $entry] : null;
            $seen["{$entry->binding->context} {$chord}"] ??= $entry;
            if ($entry->binding->context === ContextTree::EVERYWHERE) {
                $everywhere[$chord] ??= $entry;
            }
        }
        foreach ($file->entries as $entry) {
            $outer = $everywhere["{$entry->binding->chord->id()} {$entry->binding->gesture->value}"] ?? null;
            if ($outer !== null && $entry->binding->context !== ContextTree::EVERYWHERE) {
                return new self([$outer, $entry], $twice);
            }
        }

        return new self(null, $twice);
    }
}
