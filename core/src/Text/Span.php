<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** A stretch of a file: byte offsets from its beginning, the end not included. */
final readonly class Span
{
    public function __construct(public int $from, public int $to)
    {
    }

    public function of(string $bytes): string
    {
        return substr($bytes, $this->from, $this->to - $this->from);
    }
}
