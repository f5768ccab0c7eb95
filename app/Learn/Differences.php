<?php

declare(strict_types=1);

namespace App\Learn;

use App\Keymap\KeymapPast;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Learn\DifferentNow;
use Zebrafinch\Core\Learn\MovedChord;
use Zebrafinch\Core\Usage\Uses;

/** What has moved in somebody's keymaps since they last said that they know it: by a harmonisation, a newer preset, or their own hand. */
final readonly class Differences
{
    public function __construct(private Library $library, private KeymapPast $past)
    {
    }

    /** @return array<string, list<MovedChord>> by application, what the hands use only */
    public function of(Situation $situation): array
    {
        $moved = [];
        foreach ($situation->user->kit->allInUse() as $id => $keymap) {
            if (! in_array($id, $this->library->applicationIds(), true)) {
                continue;
            }
            $before = $this->before($keymap, $situation->learner->known_until);
            if ($before === null) {
                continue;
            }
            $now = ($situation->keymapOf)((string) $id);
            $isUsed = $situation->recent->covers((string) $id)
                ? static fn (string $command): bool => ($situation->recent->of((string) $id, $command) ?? new Uses('', '', 0, 0))->byKey > 0
                : null;
            $found = DifferentNow::between(
                new LoadedKeymap($now->application, $before, $situation->seat, $now->desktop),
                $now,
                $situation->ways,
                $isUsed,
            );
            if ($found !== []) {
                $moved[(string) $id] = $found;
            }
        }

        return $moved;
    }

    public function known(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            $learner = Learner::of(User::locked($user));
            $learner->fill(['known_until' => now()])->save();
        });
    }

    /** The bindings as they were; null where nothing was changed since. */
    public function before(Keymap $keymap, Carbon $since): ?Bindings
    {
        if ($keymap->created_at->gt($since)) {
            return $this->library->factoryBindings($this->library->application($keymap->application));
        }
        $version = $this->past->versionAt($keymap, $since);

        return $version === null ? null : $this->past->at($keymap, $version);
    }
}
