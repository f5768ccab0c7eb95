<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

final readonly class ListGroup
{
    /** @param  non-empty-list<ListedCommand>  $commands */
    public function __construct(public string $name, public array $commands)
    {
    }
}
