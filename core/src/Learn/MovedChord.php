<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Keymap\Binding;

/** A command whose chord no longer runs it, and the one that does now. */
final readonly class MovedChord
{
    /**
     * @param  Binding|null  $now  null where it has no chord any more
     * @param  string|null  $instead  command that the old chord runs now; null for none
     */
    public function __construct(public Binding $old, public ?Binding $now, public ?string $instead)
    {
    }
}
