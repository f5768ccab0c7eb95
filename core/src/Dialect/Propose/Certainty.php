<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/** How sure one thing of a proposal is. */
final readonly class Certainty
{
    /**
     * @param  string  $of  shape, chord, command, context or spelling
     * @param  int  $percent  0 to 100
     * @param  string  $sentence  what is proposed, in words
     */
    public function __construct(public string $of, public int $percent, public string $sentence)
    {
    }
}
