<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use Zebrafinch\Core\Refusal;

final class NothingForSuite extends Refusal
{
    public static function in(Suite $suite): self
    {
        return new self(
            "The release has no keymap for an application of {$suite->name}.",
            'Choose another release, or save one that has a keymap for: '.implode(', ', $suite->applications).'.',
        );
    }

    public function kind(): string
    {
        return 'nothing-for-suite';
    }
}
