<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Preset;
use App\Models\Release;
use App\Problems\HasExtension;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

/** Somebody else has made a release since the one that these keys are based on. */
final class StalePreset extends Refusal implements HasExtension, HasStatus
{
    private int $preset = 0;

    public static function since(Preset $preset, Release $newest): self
    {
        $error = new self(
            "{$newest->author->name} has made {$newest->title()}, which your keys do not have yet. Nothing was made.",
            'Take in what is new there first, and make your release then.',
        );
        $error->preset = $preset->id;

        return $error;
    }

    public function kind(): string
    {
        return 'stale-preset';
    }

    public function status(): int
    {
        return 409;
    }

    public function extension(): array
    {
        return ['preset' => $this->preset];
    }
}
