<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/** What becomes of the lines of a key file. */
final readonly class Placement
{
    /**
     * @param  list<int>  $gone  indexes of lines that go
     * @param  array<int, Binding>  $over  by the index of the line whose chord gives way to this one's
     * @param  array<string, non-empty-list<Binding>>  $come  by context: those that get a line of their own, in this order
     */
    public function __construct(public array $gone, public array $over, public array $come)
    {
    }
}
