<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Release;
use Illuminate\Foundation\Events\Dispatchable;

/** A preset has a new newest release. */
final class ReleaseMade
{
    use Dispatchable;

    public function __construct(public readonly Release $release)
    {
    }
}
