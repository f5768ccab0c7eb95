<?php

declare(strict_types=1);

namespace Standins\Workstation;

use Zebrafinch\Agent\CannotWrite;
use Zebrafinch\Agent\Disk;
use Zebrafinch\Agent\LocalDisk;

/** The disk of a stand-in: the files READ-ONLY and FULL in its folder are switches. */
final class SwitchedDisk implements Disk
{
    private readonly LocalDisk $disk;

    public function __construct(private readonly string $folder)
    {
        $this->disk = new LocalDisk();
    }

    public function read(string $path): string|false|null
    {
        return $this->disk->read($path);
    }

    public function write(string $path, string $bytes): void
    {
        $this->refuseIfReadOnly($path);
        if (is_file("{$this->folder}/FULL")) {
            throw CannotWrite::full($path);
        }
        $this->disk->write($path, $bytes);
    }

    public function rename(string $from, string $to): void
    {
        $this->refuseIfReadOnly($to);
        $this->disk->rename($from, $to);
    }

    public function remove(string $path): void
    {
        if (is_file($path)) {
            $this->refuseIfReadOnly($path);
        }
        $this->disk->remove($path);
    }

    private function refuseIfReadOnly(string $path): void
    {
        clearstatcache();
        if (is_file("{$this->folder}/READ-ONLY")) {
            throw CannotWrite::readOnly($path);
        }
    }
}
