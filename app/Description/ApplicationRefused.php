<?php

declare(strict_types=1);

namespace App\Description;

use App\Problems\AppRefusal;

/** What is refused about an application of the house. */
final class ApplicationRefused extends AppRefusal
{
    public static function badFile(string $why): self
    {
        return self::because(
            'bad-application-file',
            422,
            "This is not a file of an application: {$why}.",
            'Choose a file that was saved under Applications here or in another house.',
        );
    }

    public static function notProven(string $what): self
    {
        return self::because(
            'not-proven',
            422,
            "It cannot be used yet: {$what}.",
            'Correct what was understood of the file, or finish what is missing.',
        );
    }

    public static function nameTaken(string $name): self
    {
        return self::because(
            'not-proven',
            422,
            "There is an application called {$name} already.",
            'Give it another name, or bring a new version of the one that is there.',
        );
    }

    public static function stale(int $version): self
    {
        return self::because(
            'stale-application',
            409,
            "Somebody else has changed this application meanwhile; it is at version {$version}.",
            'Look at it as it is now, and say it again.',
        );
    }
}
