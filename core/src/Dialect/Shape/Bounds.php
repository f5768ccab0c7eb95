<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

/** How much a key file may hold; past it the file is refused as a whole, before it costs anybody time or memory. */
final readonly class Bounds
{
    public const MOST_LINES = 500_000;

    public const MOST_BINDINGS = 50_000;

    /** Members, items, elements, rows and lines together. */
    public const MOST_PARTS = 500_000;

    public const MOST_FIELDS = 1_000;

    /** Findings beyond these are counted, not told. */
    public const MOST_FINDINGS = 1_000;
}
