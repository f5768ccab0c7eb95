<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** How files are written: each step either happens whole or is refused. */
interface Disk
{
    /** The bytes of a file; null when there is none. False when it is there and cannot be read. */
    public function read(string $path): string|false|null;

    /**
     * Writes a new file beside what is there, and does not return before the bytes are on the disk.
     *
     * @throws CannotWrite
     */
    public function write(string $path, string $bytes): void;

    /**
     * Puts a written file in the place of another, in one step.
     *
     * @throws CannotWrite
     */
    public function rename(string $from, string $to): void;

    /** @throws CannotWrite */
    public function remove(string $path): void;
}
