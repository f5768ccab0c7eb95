<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

use Zebrafinch\Core\Keyboard\Chord;

/** One chord to be stuck or laid where the eyes are: what it runs, and where. */
final readonly class Reminder
{
    /**
     * @param  Chord  $made  by position, as it is pressed
     * @param  list<string>  $caps  what stands on the keys, the modifiers first
     */
    public function __construct(public Chord $made, public array $caps, public string $name, public string $where)
    {
    }
}
