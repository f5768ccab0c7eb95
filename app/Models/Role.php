<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Editor = 'editor';
    case SuiteKeeper = 'suite-keeper';
    case Assistant = 'assistant';

    /** Whether this role may change what is installed in a suite. */
    public function mayHandOver(): bool
    {
        return $this !== self::Assistant;
    }
}
