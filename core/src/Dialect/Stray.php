<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

/** Something in a key file that is no part of what the dialect describes. */
final readonly class Stray
{
    /**
     * @param  int  $line  counted from 1
     * @param  bool  $isName  whether $what is the name of something that is left as it is, not a sentence on why
     */
    public function __construct(public int $line, public string $text, public string $what, public bool $isName)
    {
    }
}
