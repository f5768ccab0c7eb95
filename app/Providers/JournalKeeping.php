<?php

declare(strict_types=1);

namespace App\Providers;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\HouseApplication;
use App\Models\Keymap;
use App\Models\Preset;
use App\Models\Rollout;
use App\Models\SuiteEvent;
use App\Preset\ReleaseMade;
use Illuminate\Support\Facades\Event;

/** What is written into the journal by itself, wherever in the house it happens. */
final class JournalKeeping
{
    public static function begin(): void
    {
        self::keymaps();
        SuiteEvent::created(static function (SuiteEvent $event): void {
            $details = array_filter(['what' => $event->what, 'why' => $event->why]);
            app(Journal::class)->note("suite-{$event->kind}", Subject::suite($event->suite), $details);
        });
        Rollout::created(static fn (Rollout $one) => app(Journal::class)->note('rollout-begun', Subject::release($one->release)));
        Rollout::updated(static function (Rollout $one): void {
            if ($one->wasChanged('state')) {
                app(Journal::class)->note('rollout-'.$one->state->value, Subject::release($one->release));
            }
        });
        Preset::updated(static function (Preset $preset): void {
            if ($preset->wasChanged(['audience', 'is_standard'])) {
                $details = ['audience' => $preset->audience->value, 'is_standard' => $preset->is_standard];
                app(Journal::class)->note('preset-shared', Subject::preset($preset), $details);
            }
        });
        Event::listen(
            ReleaseMade::class,
            static fn (ReleaseMade $made) => app(Journal::class)->note('release-made', Subject::release($made->release)),
        );
        HouseApplication::saved(static function (HouseApplication $one): void {
            if ($one->wasRecentlyCreated || $one->wasChanged('state')) {
                app(Journal::class)->note("application-{$one->state->value}", Subject::application($one));
            }
        });
        HouseApplication::deleted(
            static fn (HouseApplication $one) => app(Journal::class)->note('application-deleted', Subject::application($one)),
        );
    }

    private static function keymaps(): void
    {
        $note = static fn (string $kind, array $details = []) => static fn (Keymap $keymap) => app(Journal::class)->note(
            $kind,
            Subject::keymap($keymap),
            [...$details, 'version' => $keymap->version],
        );
        Keymap::created($note('keymap-made'));
        Keymap::updated(static function (Keymap $keymap) use ($note): void {
            foreach (['bindings' => 'keymap-changed', 'name' => 'keymap-renamed', 'in_use' => 'keymap-use'] as $attribute => $kind) {
                if ($keymap->wasChanged($attribute)) {
                    $note($kind, $attribute === 'in_use' ? ['in_use' => $keymap->in_use] : [])($keymap);
                }
            }
        });
        Keymap::deleted($note('keymap-deleted'));
        Keymap::restored($note('keymap-restored'));
    }
}
