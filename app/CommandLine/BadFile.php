<?php

declare(strict_types=1);

namespace App\CommandLine;

use Zebrafinch\Core\Refusal;

/** A file or an option that a command cannot work with. */
final class BadFile extends Refusal
{
    public static function missing(string $path): self
    {
        return new self("There is no file {$path}, or it cannot be read.", 'Name a key file, or a preset in JSON.', $path);
    }

    public static function cannotWrite(string $path): self
    {
        return new self("The file {$path} cannot be written.", 'Choose a folder that exists and may be written to.', $path);
    }

    public static function unrecognised(string $path): self
    {
        return new self(
            "{$path} is no key file of an application that is known, and no preset.",
            'Say whose it is with --application=….',
            $path,
        );
    }

    /** @param  list<string>  $known */
    public static function option(string $name, array $known): self
    {
        return new self("There is no such {$name}.", 'Choose one of: '.implode(', ', $known).'.', "--{$name}");
    }

    public function kind(): string
    {
        return 'bad-file';
    }
}
