<?php

declare(strict_types=1);

namespace App\Http\Resources\Preset;

use App\Models\Preset;
use App\Models\Release;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;

/** All presets with their releases, and what a release of the person's kit would hold now. */
final class PresetsResource extends JsonAnswer
{
    /** @param  Collection<int, Preset>  $presets */
    public function __construct(private readonly Collection $presets, private readonly User $user)
    {
        parent::__construct($presets);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $inUse = $this->user->kit->keymaps()->where('in_use', true)->orderBy('application')->pluck('application');

        return [
            'unsaved_applications' => $inUse->values()->all(),
            'presets' => $this->presets
                ->map(
                    static fn (Preset $preset): array => [
                        'id' => $preset->id,
                        'name' => $preset->name,
                        'kit' => $preset->kit->name,
                        'may_release' => Gate::allows('update', $preset),
                        'releases' => $preset->releases
                            ->map(static fn (Release $release): array => (new ReleaseResource($release))->toArray($request))
                            ->all(),
                    ],
                )
                ->all(),
        ];
    }
}
