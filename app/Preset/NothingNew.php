<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Release;
use Zebrafinch\Core\Refusal;

final class NothingNew extends Refusal
{
    public static function since(Release $release): self
    {
        return new self(
            "{$release->title()} says the same as your keys now; no release was made.",
            'Change something first, or hand out the release that is there.',
        );
    }

    public function kind(): string
    {
        return 'nothing-new';
    }
}
