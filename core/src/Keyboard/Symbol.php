<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** What a key types at one level: a character, or a dead key's mark, which waits for the next key. */
final readonly class Symbol
{
    /** @param  string  $character  for a dead key its mark by itself */
    public function __construct(public string $character, public bool $isDead)
    {
    }
}
