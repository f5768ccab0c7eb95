<?php

declare(strict_types=1);

namespace App\Http;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;

/** A request that names a chord as it was pressed. */
trait TakesChord
{
    /** Written so that it follows to other systems, and with the keys named as the application names them. */
    public function chord(Seat $seat, ?Application $for = null): Chord
    {
        $pressed = Chord::parse($this->string('chord')->toString());
        $written = Chord::with($pressed->modifiers->writtenFrom($seat->system), $pressed->key);

        return $for === null ? $written : $for->naming->write($written, $seat);
    }
}
