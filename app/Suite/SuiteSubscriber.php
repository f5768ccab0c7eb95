<?php

declare(strict_types=1);

namespace App\Suite;

use App\Keymap\KitChanged;
use App\Preset\ReleaseMade;
use Illuminate\Contracts\Events\Dispatcher;

/** Brings what people change in their kits and what presets release to the suites. */
final readonly class SuiteSubscriber
{
    public function __construct(private Sittings $sittings, private Following $following)
    {
    }

    public function subscribe(Dispatcher $events): void
    {
        $events->listen(KitChanged::class, fn (KitChanged $event) => $this->sittings->kitChanged($event->kitId));
        $events->listen(ReleaseMade::class, function (ReleaseMade $event): void {
            $preset = $event->release->preset;
            $preset->is_standard ? $this->following->standardChanged() : $this->following->newest($preset->id);
        });
    }
}
