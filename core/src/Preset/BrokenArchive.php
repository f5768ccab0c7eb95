<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Refusal;

/** An archive that nothing is taken from. */
final class BrokenArchive extends Refusal
{
    private const AGAIN = 'Nothing was taken in. Have the archive made and sent once more.';

    public static function notZip(): self
    {
        return new self('This is not a ZIP archive, or not all of it has arrived.', self::AGAIN);
    }

    public static function forged(): self
    {
        return new self(
            'The signature is not of this archive: something in it was changed after it was signed.',
            self::AGAIN,
            'signature.json',
        );
    }

    public static function notReport(): self
    {
        return new self('This is not the report of an agent.', 'Bring the file that the agent wrote beside the bundle.');
    }

    public static function notOf(string $suite): self
    {
        return new self(
            "This report was not written by the agent of {$suite}.",
            'Nothing was taken in. Choose the suite where the stick was.',
        );
    }

    public static function manifest(string $why): self
    {
        return new self("The archive does not say what is in it: {$why}.", self::AGAIN, 'manifest.json');
    }

    public static function missing(string $path): self
    {
        return new self("The archive lacks the file {$path}.", self::AGAIN, $path);
    }

    public static function changed(string $path): self
    {
        return new self("The file {$path} is not the one that was put into the archive.", self::AGAIN, $path);
    }

    public static function leaves(string $path): self
    {
        return new self(
            "The archive names a file that would lie outside it: {$path}.",
            'Nothing was taken in. Ask who made this archive.',
            $path,
        );
    }

    public static function tooMany(int $count): self
    {
        return new self(
            "The archive has {$count} files; up to ".Manifest::MOST_FILES.' are read.',
            'Nothing was taken in. Bring only what the preset needs.',
        );
    }

    public static function tooLarge(string $path, int $bytes): self
    {
        $megabytes = round($bytes / 1_048_576, 1);

        return new self(
            "In the archive, {$path} would take {$megabytes} MB.",
            'Nothing was taken in. Up to 8 MB for each file and 64 MB together are read.',
            $path,
        );
    }

    public function kind(): string
    {
        return 'broken-archive';
    }
}
