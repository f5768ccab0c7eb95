<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Follow;
use App\Models\Preset;
use App\Models\Release;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;

final class PresetsResource extends JsonAnswer
{
    /**
     * @param  Collection<int, Preset>  $presets
     * @param  Collection<int, Follow>  $follows  those of whoever asks
     * @param  Collection<int, User>  $people  whom presets can be shared with
     */
    public function __construct(
        private readonly Collection $presets,
        private readonly User $user,
        private readonly Collection $follows,
        private readonly Collection $people,
    ) {
        parent::__construct($presets);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $inUse = $this->user->kit->keymaps()->where('in_use', true)->orderBy('application')->pluck('application');

        return [
            'unsaved_applications' => $inUse->values()->all(),
            'presets' => $this->presets->map(fn (Preset $preset): array => $this->preset($preset, $request))->all(),
            'people' => $this->people
                ->where('id', '!=', $this->user->id)
                ->map(static fn (User $one): array => ['id' => $one->id, 'name' => $one->name])
                ->values()
                ->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function preset(Preset $preset, Request $request): array
    {
        $follow = $this->follows->firstWhere('preset_id', $preset->id);
        $newest = $preset->releases->first();

        return [
            'id' => $preset->id,
            'name' => $preset->name,
            'kit' => $preset->kit->name,
            'owner' => $preset->kit->user->name,
            'is_mine' => $preset->kit_id === $this->user->kit->id,
            'audience' => $preset->audience->value,
            'is_standard' => $preset->is_standard,
            'people' => $preset->people->pluck('id')->all(),
            'may_release' => Gate::allows('release', $preset),
            // Whoever makes its releases is told when their keys lack one; others say whether they want to be.
            'may_follow' => $preset->kit_id !== $this->user->kit->id || Gate::denies('release', $preset),
            'may_give_to_house' => Gate::allows('giveToHouse', $preset),
            'is_followed' => $follow !== null && $follow->is_asked,
            // What was never taken in is all new.
            'has_news' => $follow !== null && $newest !== null && $follow->release_id !== $newest->id,
            'releases' => $preset->releases
                ->map(
                    static fn (Release $release): array => (new ReleaseResource($release->setRelation('preset', $preset)))->toArray(
                        $request,
                    ),
                )
                ->all(),
        ];
    }
}
