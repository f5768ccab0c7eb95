<?php

declare(strict_types=1);

namespace App\Export;

use RuntimeException;
use ZipArchive;

/** Several files in one ZIP archive. */
final readonly class Archive
{
    /**
     * @param  array<string, string>  $files  bytes by path
     * @return string bytes
     */
    public static function of(array $files): string
    {
        $path = tempnam(sys_get_temp_dir(), 'keys');
        $zip = new ZipArchive();
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('No archive could be made in the folder for temporary files.');
        }
        foreach ($files as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        try {
            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }

    /**
     * @param  callable(array<string, int>): void  $check  is told the size of each by its path before any is read; throws what is wrong
     * @return array<string, string>|null bytes by path; null where it is no archive
     */
    public static function read(string $path, callable $check): ?array
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            return null;
        }
        try {
            $sizes = [];
            for ($index = 0; $index < $zip->numFiles; $index++) {
                $entry = $zip->statIndex($index);
                if ($entry !== false && ! str_ends_with($entry['name'], '/')) {
                    $sizes[$entry['name']] = $entry['size'];
                }
            }
            $check($sizes);
            $files = [];
            foreach ($sizes as $name => $size) {
                // What says a small size and holds more is cut there, and then its digest is not right.
                $files[$name] = (string) $zip->getFromName((string) $name, $size + 1);
            }

            return $files;
        } finally {
            $zip->close();
        }
    }
}
