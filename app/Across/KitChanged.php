<?php

declare(strict_types=1);

namespace App\Across;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Text\Listing;

/** What is to be written was worked out from keymaps that have changed since. */
final class KitChanged extends Refusal implements HasStatus
{
    /** @param  non-empty-list<string>  $applications  names */
    public static function since(array $applications): self
    {
        return new self(
            'Since this was worked out the keymap of '.Listing::and($applications).' has changed, or another is in use.',
            'Look at it again; it is worked out anew.',
        );
    }

    public function kind(): string
    {
        return 'stale-keymap';
    }

    public function status(): int
    {
        return 409;
    }
}
