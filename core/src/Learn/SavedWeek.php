<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** One calendar week of somebody's work, as their logs tell it. */
final readonly class SavedWeek
{
    /**
     * @param  string  $monday  as in 2026-03-02
     * @param  int  $byKey  uses
     * @param  int  $byMouse  uses
     * @param  float  $saved  seconds, by what was learned before
     */
    public function __construct(public string $monday, public int $byKey, public int $byMouse, public float $saved)
    {
    }
}
