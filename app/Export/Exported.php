<?php

declare(strict_types=1);

namespace App\Export;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Bindings;

/** One keymap as it is taken away: what it is called, its bindings, and its key file. */
final readonly class Exported
{
    public function __construct(
        public Application $application,
        public string $name,
        public Bindings $bindings,
        public string $fileName,
        public string $bytes,
    ) {
    }

    public function at(Seat $seat): LoadedKeymap
    {
        return new LoadedKeymap($this->application, $this->bindings, $seat);
    }
}
