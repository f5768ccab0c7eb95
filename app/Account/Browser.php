<?php

declare(strict_types=1);

namespace App\Account;

/** What a browser says of itself, as somebody would call it who looks at where they are signed in. */
final readonly class Browser
{
    private const SYSTEMS = [
        'Windows' => 'Windows',
        'Mac OS X' => 'macOS',
        'Android' => 'Android',
        'iPhone' => 'a phone',
        'Linux' => 'Linux',
    ];

    public static function named(string $agent): string
    {
        foreach (self::SYSTEMS as $sign => $name) {
            if (str_contains($agent, $sign)) {
                return "A browser on {$name}";
            }
        }

        return $agent === '' ? 'Something that does not say what it is' : 'Some program';
    }
}
