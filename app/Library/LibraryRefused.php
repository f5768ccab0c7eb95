<?php

declare(strict_types=1);

namespace App\Library;

use App\Problems\AppRefusal;
use Throwable;
use Zebrafinch\Core\Refusal;

/** What is refused about applications and their data. */
final class LibraryRefused extends AppRefusal
{
    /** What is stored of an application cannot be used. It is told at that application, and takes nothing else down. */
    public static function broken(string $id, Throwable $error): self
    {
        return self::because(
            'broken-application',
            422,
            "The application \"{$id}\" cannot be used: {$error->getMessage()}",
            $error instanceof Refusal ? $error->remedy : 'Mend its data, or put the application away.',
            $error instanceof Refusal ? $error->where : null,
        );
    }

    /** One that was found before. */
    public static function brokenBefore(string $message, string $remedy, ?string $where): self
    {
        return self::because('broken-application', 422, $message, $remedy, $where);
    }

    public static function missing(string $path): self
    {
        return self::because('broken-application', 422, "{$path} is missing or is not JSON.", 'Put the file back as it was.', $path);
    }

    /** @param  list<string>  $known */
    public static function unknownApplication(string $id, array $known): self
    {
        return self::because(
            'unknown-application',
            404,
            "There is no application \"{$id}\".",
            'Choose one of: '.implode(', ', $known).'.',
        );
    }
}
