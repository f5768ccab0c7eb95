<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Shape\Part;

/** Parts of a file that are alike: they stand at the same place of its shape. */
final readonly class Group
{
    /**
     * @param  list<string|null>  $path  names from the outermost to these parts; null where any name stands
     * @param  list<Part>  $parts  those that are looked at
     * @param  list<list<Part>>  $holders  for each part, from the outermost to the one around it
     * @param  int  $count  of all parts
     */
    public function __construct(public array $path, public array $parts, public array $holders, public int $count)
    {
    }
}
