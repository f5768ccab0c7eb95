<?php

declare(strict_types=1);

namespace Zebrafinch\Core;

use RuntimeException;

/**
 * Every error the core raises. The message says what was wanted and what was found;
 * $remedy says what the person can do next; $where says where, if there is one.
 */
abstract class Refusal extends RuntimeException
{
    final protected function __construct(string $message, public readonly string $remedy, public readonly ?string $where = null)
    {
        parent::__construct($message);
    }

    /** A stable name for this sort of error, in kebab-case, for problem responses and tests. */
    abstract public function kind(): string;
}
