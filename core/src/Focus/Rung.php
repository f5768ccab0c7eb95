<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Keymap\Binding;

/** One step of a ladder: a context and what it has for the chord. */
final readonly class Rung
{
    /** @param  Binding|null  $binding null exactly when the verdict is {@see Verdict::Unbound} */
    public function __construct(public Context $context, public ?Binding $binding, public Verdict $verdict, public string $reason)
    {
    }
}
