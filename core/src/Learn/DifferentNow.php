<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;

/**
 * What the hands have to relearn: each command whose chord ran it before and does not now, asked with the focus where it was bound. A
 * command that only got another chord beside the old one is not different.
 */
final readonly class DifferentNow
{
    /**
     * @param  callable(string): bool|null  $isUsed  whether somebody's hands know the command; null for all
     * @return list<MovedChord> in the order of the keymap before
     */
    public static function between(LoadedKeymap $before, LoadedKeymap $now, Ways $ways, ?callable $isUsed = null): array
    {
        $then = new Who($before);
        $after = new Who($now);
        $moved = [];
        foreach ($before->bindings()->all() as $old) {
            if (isset($moved["{$old->context} {$old->command}"]) || ($isUsed !== null && ! $isUsed($old->command))) {
                continue;
            }
            if ($then->gets($old->chord, $old->gesture, $old->context)->winner()?->command !== $old->command) {
                continue;
            }
            $winner = $after->gets($old->chord, $old->gesture, $old->context)->winner();
            if ($winner?->command !== $old->command) {
                $moved["{$old->context} {$old->command}"] = new MovedChord(
                    $old,
                    Pressable::quickest($now, $ways, $old->command, $old->context, null),
                    $winner?->command,
                );
            }
        }

        return array_values($moved);
    }
}
