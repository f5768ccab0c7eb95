<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Span;

/** A binding where it stands in its file. */
final readonly class Entry
{
    /**
     * @param  int  $line  counted from 1
     * @param  Span  $at  what goes when the binding is removed
     * @param  Span  $chordAt  what is written over when only the chord changes, so that all else on the line stays
     */
    public function __construct(public Binding $binding, public int $line, public Span $at, public Span $chordAt)
    {
    }
}
