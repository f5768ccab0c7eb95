<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

use RuntimeException;

/** A write that the disk did not take. */
final class CannotWrite extends RuntimeException
{
    /** @param  string  $held  `read-only` or `full`, as the report tells it */
    private function __construct(public readonly string $held, string $message)
    {
        parent::__construct($message);
    }

    public static function readOnly(string $path): self
    {
        return new self('read-only', "{$path} cannot be written: the folder is read-only.");
    }

    public static function full(string $path): self
    {
        return new self('full', "{$path} cannot be written: the disk is full.");
    }
}
