<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Problems\AppRefusal;

/** What is refused about a search for common chords. */
final class HarmoniseRefused extends AppRefusal
{
    /** Another keymap is in use than the one that a harmonisation was worked out for. */
    public static function keymapExchanged(string $application): self
    {
        return self::because(
            'keymap-exchanged',
            409,
            "For {$application} another keymap is in use than when this was worked out.",
            'Search again; nothing was changed in any keymap.',
            $application,
        );
    }

    public static function nothingToApply(): self
    {
        return self::because(
            'not-ready',
            409,
            'There is nothing to apply: the search has no result yet, or it was applied already.',
            'Wait for the result, or search again.',
        );
    }

    public static function nothingToUndo(): self
    {
        return self::because(
            'not-ready',
            409,
            'There is nothing to undo: this was not applied, or it was taken back already.',
            'Look at the keymaps themselves; each has its own undo.',
        );
    }

    public static function noResult(): self
    {
        return self::because('not-ready', 409, 'There is no result yet.', 'Wait until the search has ended.');
    }
}
