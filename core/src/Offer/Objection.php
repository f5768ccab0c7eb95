<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

/** Why a command cannot have a chord in a context. */
final readonly class Objection
{
    /** @param  string  $sentence  told to the person */
    public function __construct(public ObjectionKind $kind, public string $sentence)
    {
    }
}
