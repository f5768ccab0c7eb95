<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Keyboard\Press;

/** One chord with all the ways in which it misleads. */
final readonly class MisleadingChord
{
    /** @param  non-empty-list<FalseFriend>  $friends  the worst first */
    public function __construct(public Press $press, public array $friends)
    {
    }

    public function harm(): Harm
    {
        return $this->friends[0]->harm();
    }
}
