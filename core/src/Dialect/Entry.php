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
     * @param  Span  $at  what goes when the binding is removed and no other stands there
     * @param  Span  $chordAt  where its chord stands, or the first part of it
     */
    public function __construct(public Binding $binding, public int $line, public Span $at, public Span $chordAt)
    {
    }
}
