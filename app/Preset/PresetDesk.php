<?php

declare(strict_types=1);

namespace App\Preset;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\Follow;
use App\Models\Preset;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Preset\Audience;

/** Who sees a preset, which one is the house standard, and who follows which. */
final readonly class PresetDesk
{
    public function __construct(private Journal $journal)
    {
    }

    /**
     * @param  list<int>  $people  ids of those whom it is shared with
     */
    public function share(Preset $preset, Audience $audience, array $people): void
    {
        DB::transaction(function () use ($preset, $audience, $people): void {
            $this->store($preset, ['audience' => $audience, 'is_standard' => $audience === Audience::House && $preset->is_standard]);
            $preset->people()->sync($audience === Audience::People ? $people : []);
        });
    }

    /** There is one house standard at most: the one before is a preset of the house from then on. */
    public function makeStandard(Preset $preset): void
    {
        DB::transaction(function () use ($preset): void {
            Preset::query()
                ->where('is_standard', true)
                ->whereKeyNot($preset->id)
                ->lockForUpdate()
                ->update(['is_standard' => false]);
            $this->store($preset, ['audience' => Audience::House, 'is_standard' => true]);
        });
    }

    /** @param  bool  $fromNowOn  whether only what changes from now on is news; else all of it is */
    public function follow(User $user, Preset $preset, bool $fromNowOn): Follow
    {
        return DB::transaction(static function () use ($user, $preset, $fromNowOn): Follow {
            $follow = Follow::query()->firstOrNew(['kit_id' => $user->kit->id, 'preset_id' => $preset->id]);
            $follow->release_id = $fromNowOn ? $preset->newest?->id : null;
            $follow->is_asked = true;
            $follow->save();

            return $follow;
        });
    }

    /** How far the kit has come is remembered; nothing new is told any more. */
    public function unfollow(User $user, Preset $preset): void
    {
        $user->kit
            ->follows()
            ->where('preset_id', $preset->id)
            ->update(['is_asked' => false]);
    }

    /** @param  array{audience: Audience, is_standard: bool}  $attributes */
    private function store(Preset $preset, array $attributes): void
    {
        $preset->update($attributes);
        if ($preset->wasChanged(['audience', 'is_standard'])) {
            $details = ['audience' => $preset->audience->value, 'is_standard' => $preset->is_standard];
            $this->journal->note('preset-shared', Subject::preset($preset), $details);
        }
    }
}
