<?php

declare(strict_types=1);

namespace App\Export;

use RuntimeException;
use ZipArchive;

/** Several key files in one ZIP archive, each under its own name. */
final readonly class Archive
{
    /**
     * @param  list<Exported>  $all
     * @return string bytes
     */
    public static function of(array $all): string
    {
        $path = tempnam(sys_get_temp_dir(), 'keys');
        $zip = new ZipArchive();
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('No archive could be made in the folder for temporary files.');
        }
        foreach ($all as $one) {
            $zip->addFromString($one->fileName, $one->bytes);
        }
        $zip->close();
        try {
            return (string) file_get_contents($path);
        } finally {
            unlink($path);
        }
    }
}
