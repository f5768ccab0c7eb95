<?php

declare(strict_types=1);

namespace App\Keymaps;

use App\Models\Keymap;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** What somebody works with in one application: a keymap of their own, or the protected factory one. */
final readonly class CurrentKeymap
{
    /** @param  Keymap|null  $own null for the factory keymap */
    public function __construct(public Application $application, public Bindings $bindings, public ?Keymap $own)
    {
    }

    public function at(Seat $seat): LoadedKeymap
    {
        return new LoadedKeymap($this->application, $this->bindings, $seat);
    }
}
