<?php

declare(strict_types=1);

namespace App\Across;

use App\Intent\PersonalVocabulary;
use App\Keymap\KeymapEditor;
use App\Keymap\KeymapRefused;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Keymap\WriteTerms;
use App\Library\Library;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Across\CarryOver\CarriedBinding;
use Zebrafinch\Core\Across\CarryOver\CarryOver;
use Zebrafinch\Core\Across\CarryOver\Report;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Text\Listing;

/** Carries the chords of some of a person's keymaps over to another application. */
final readonly class CarriedOver
{
    public function __construct(
        private KitReader $kit,
        private PersonalVocabulary $words,
        private KeymapStarter $starter,
        private KeymapEditor $editor,
        private Library $library,
    ) {
    }

    /**
     * @param  list<string>  $sources  ids of applications
     * @param  Seat  $here  where the hands learned the sources
     * @param  Seat  $there  where the target will be used
     * @param  array<string, bool>  $said  by line: whether to take it
     */
    public function report(User $user, array $sources, string $target, Seat $here, Seat $there, array $said): Report
    {
        $each = $this->kit->each($user);
        $vocabulary = $this->words->vocabulary($user);

        return CarryOver::of(
            array_map(static fn (string $id): LoadedKeymap => $each($id)->at($here), $sources),
            $each($target)->at($there),
            $vocabulary,
            $this->words->importance($user, $vocabulary),
            $this->library->keyboards->reserved(),
            $said,
        );
    }

    /**
     * A copy of what the person works with in the target, with all that stands in its file, and what was carried over as its first step.
     *
     * @throws \App\Keymap\KeymapRefused
     */
    public function save(User $user, Report $report, string $name): void
    {
        $application = $report->target->application;
        $from = array_unique(array_map(static fn (CarriedBinding $line): string => $line->from->application->name, $report->lines));
        $own = $user->kit->inUse($application->id);
        DB::transaction(function () use ($user, $report, $application, $name, $from, $own): void {
            $keymap =
                $own === null
                    ? $this->starter->fromFactory($user, $application, $name)
                    : $this->starter->copyOf($user, $application, $name, $own);
            if (! $report->change()->isEmpty()) {
                $title = 'Carried over from '.Listing::and($from);
                $this->editor->change($keymap, $user, $title, $report->change(), WriteTerms::whatever(1));
            }
            $this->starter->use($keymap->refresh());
        });
    }

    /**
     * @param  list<string>  $applications  sources and target
     * @return array<string, array{keymap: int|null, name: string, version: int}> by application: what the report is made from
     */
    public function madeFrom(User $user, array $applications): array
    {
        $each = $this->kit->each($user);

        return array_combine(
            $applications,
            array_map(static function (string $id) use ($each): array {
                $current = $each($id);

                return ['keymap' => $current->own?->id, 'name' => $current->name(), 'version' => $current->own->version ?? 0];
            }, $applications),
        );
    }

    /**
     * @param  array<string, array{keymap: int|null, version: int}>  $versions  by application: what the shown report was made from
     *
     * @throws KeymapRefused when one of them is not what it was
     */
    public function requireUnchanged(User $user, array $versions): void
    {
        $changed = [];
        foreach ($this->madeFrom($user, array_map(strval(...), array_keys($versions))) as $id => $now) {
            if ($now['keymap'] !== $versions[$id]['keymap'] || $now['version'] !== $versions[$id]['version']) {
                $changed[] = $this->library->application($id)->name;
            }
        }
        if ($changed !== []) {
            throw KeymapRefused::kitChanged($changed);
        }
    }
}
