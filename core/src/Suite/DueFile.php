<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** One key file that a suite should have. */
final readonly class DueFile
{
    /**
     * @param  string|null  $sha256  null where there should be none
     * @param  string|null  $given  what the agent notes as put there: the digest itself, but not for what somebody changed by hand before
     */
    public function __construct(public Source $source, public ?string $sha256, public ?string $given)
    {
    }
}
