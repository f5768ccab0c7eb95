<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

final class LocalDisk implements Disk
{
    public function read(string $path): string|false|null
    {
        // Others write here too: what PHP remembers of files may be long over.
        clearstatcache(true, $path);

        return is_file($path) ? @file_get_contents($path) : null;
    }

    public function write(string $path, string $bytes): void
    {
        $folder = dirname($path);
        if (! is_dir($folder) && ! @mkdir($folder, 0775, true) && ! is_dir($folder)) {
            throw CannotWrite::readOnly($path);
        }
        $file = @fopen($path, 'wb');
        if ($file === false) {
            throw CannotWrite::readOnly($path);
        }
        $written = $bytes === '' ? 0 : @fwrite($file, $bytes);
        $isThere = $written === strlen($bytes) && @fflush($file) && @fsync($file);
        fclose($file);
        if (! $isThere) {
            @unlink($path);
            throw CannotWrite::full($path);
        }
    }

    public function rename(string $from, string $to): void
    {
        if (! @rename($from, $to)) {
            throw CannotWrite::readOnly($to);
        }
    }

    public function remove(string $path): void
    {
        if (is_file($path) && ! @unlink($path)) {
            throw CannotWrite::readOnly($path);
        }
    }
}
