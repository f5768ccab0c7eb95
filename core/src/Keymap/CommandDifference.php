<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/** One command in one context, and how it is reached on each side. */
final readonly class CommandDifference
{
    /**
     * @param  list<Binding>  $before  those of the one side that the other lacks
     * @param  list<Binding>  $after  those of the other side that the one lacks
     */
    public function __construct(public string $command, public string $context, public array $before, public array $after)
    {
    }

    /** What leads from the one side to the other here. */
    public function change(): Change
    {
        return Change::none()->removing(...$this->before)->adding(...$this->after);
    }
}
