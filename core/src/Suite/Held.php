<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** Why an agent that has what is due has not put it there. */
enum Held: string
{
    case Running = 'running';
    case ReadOnly = 'read-only';
    case Full = 'full';
    /** What is there cannot be read, and so no copy of it can be made. */
    case Unreadable = 'unreadable';
    /** What is there is not what the server last heard of. */
    case Changed = 'changed';

    /** Whether it passes by itself, or with the next report. */
    public function passes(): bool
    {
        return $this === self::Running || $this === self::Changed;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Running => 'the application is running; it is put there when the application is closed',
            self::ReadOnly => 'the folder is read-only',
            self::Full => 'the disk is full',
            self::Unreadable => 'the file that is there cannot be read, so no copy of it can be made',
            self::Changed => 'the file was changed a moment ago',
        };
    }
}
