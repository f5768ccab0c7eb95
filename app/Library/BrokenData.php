<?php

declare(strict_types=1);

namespace App\Library;

use Throwable;
use Zebrafinch\Core\Refusal;

/** What is stored of an application cannot be used. It is told at that application, and takes nothing else down. */
final class BrokenData extends Refusal
{
    public static function of(string $id, Throwable $error): self
    {
        return new self(
            "The application \"{$id}\" cannot be used: {$error->getMessage()}",
            $error instanceof Refusal ? $error->remedy : 'Mend its data, or put the application away.',
            $error instanceof Refusal ? $error->where : null,
        );
    }

    /** One that was found before. */
    public static function told(string $message, string $remedy, ?string $where): self
    {
        return new self($message, $remedy, $where);
    }

    public static function missing(string $path): self
    {
        return new self("{$path} is missing or is not JSON.", 'Put the file back as it was.', $path);
    }

    public function kind(): string
    {
        return 'broken-application';
    }
}
