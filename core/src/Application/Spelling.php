<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;

/** What the key file of an application can say. */
interface Spelling
{
    /** Why a chord cannot stand in the key file, as a sentence; null where it can. */
    public function objection(Chord $chord, Gesture $gesture): ?string;
}
