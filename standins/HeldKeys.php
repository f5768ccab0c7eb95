<?php

declare(strict_types=1);

namespace Standins;

/** The modifier keys that are really held for the words of a key file. */
final class HeldKeys
{
    /**
     * @param  list<string>  $words  as the file has them
     * @param  array<string, string>  $meanings  of the file's words: Primary, Control, Alt, AltGraph, Shift or Meta
     * @return list<string> of Control, Alt, AltGraph, Shift, Meta
     */
    public static function of(array $words, array $meanings, string $system): array
    {
        $held = [];
        foreach ($words as $word) {
            $meaning = $meanings[$word] ?? $word;
            array_push(
                $held,
                ...match ($meaning) {
                    'Primary' => [$system === 'macos' ? 'Meta' : 'Control'],
                    'AltGraph' => ['macos' => ['Alt'], 'windows' => ['Control', 'Alt'], 'linux' => ['AltGraph']][$system] ?? [],
                    default => [$meaning],
                },
            );
        }

        return array_values(array_unique($held));
    }
}
