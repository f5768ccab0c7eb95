<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

/** Whose of two chords stays when both cannot. */
enum Side: string
{
    case Ours = 'ours';
    case Theirs = 'theirs';
    /** Both stay, although they ask for one chord. */
    case Both = 'both';
}
