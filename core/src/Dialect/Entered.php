<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;

/** A part on the way to bindings begins or ends. */
final readonly class Entered
{
    /**
     * @param  list<Part>  $holders  the parts around it
     * @param  bool  $isLeft  whether it ends
     */
    public function __construct(public Part $part, public array $holders, public bool $isLeft)
    {
    }
}
