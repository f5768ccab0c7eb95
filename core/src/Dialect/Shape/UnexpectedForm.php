<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use RuntimeException;

/** A text has the shape, but not what files of this dialect begin with. The dialect turns it into an answer. */
final class UnexpectedForm extends RuntimeException
{
    private function __construct(public readonly string $wanted, public readonly string $found, public readonly int $atLine)
    {
        parent::__construct("Wanted {$wanted}, found {$found}.");
    }

    /** @param  list<string>  $header */
    public static function header(array $header, string $separator, string $found, int $line): self
    {
        return new self('the header "'.implode($separator === "\t" ? ' ⇥ ' : $separator, $header).'"', $found, $line);
    }

    public static function first(string $wanted, string $found, int $line): self
    {
        return new self($wanted, $found, $line);
    }
}
