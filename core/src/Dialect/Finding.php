<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

/** Something a report says about one line of a key file. */
final readonly class Finding
{
    /** @param  int  $line counted from 1 */
    public function __construct(public FindingKind $kind, public int $line, public string $text, public string $sentence)
    {
    }
}
