<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

enum Role: string
{
    case Editor = 'editor';
    case SuiteKeeper = 'suite-keeper';
    case Assistant = 'assistant';

    /** Whether this role looks after the house: its standard, its suites, and what is rolled out to them. */
    public function keepsSuites(): bool
    {
        return $this === self::SuiteKeeper;
    }

    /** Whether this role may bring a kit of its own to a suite. */
    public function maySitDown(): bool
    {
        return $this !== self::Assistant;
    }
}
