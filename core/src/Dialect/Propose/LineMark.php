<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/** What a stretch of a line was understood as. */
final readonly class LineMark
{
    /**
     * @param  int  $from  character in the line, counted from 0
     * @param  int  $to  the one behind its end
     * @param  string  $is  command, chord, held, key, modifier, context, gesture or title
     * @param  string  $means  what it comes to, where that is not what it says
     */
    public function __construct(public int $from, public int $to, public string $is, public string $means)
    {
    }
}
