<?php

declare(strict_types=1);

namespace App\CommandLine;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Finding;
use Zebrafinch\Core\Keymap\Bindings;

/** A keymap that was read from a file. */
final readonly class ReadKeymap
{
    /** @param  list<Finding>  $findings  line by line; none for a preset */
    public function __construct(public string $path, public Application $application, public Bindings $bindings, public array $findings)
    {
    }
}
