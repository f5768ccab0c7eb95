<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\Binding;

/** One thing that a binding could be instead. */
final readonly class Alternative
{
    /**
     * @param  string  $words  how it goes on after the command's name: "to ⇧F, the best free chord"
     * @param  float|null  $effort  mm of travel for a new chord; null where the chord stays
     */
    public function __construct(public AlternativeKind $kind, public Binding $binding, public string $words, public ?float $effort)
    {
    }
}
