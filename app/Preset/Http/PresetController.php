<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Preset;
use App\Models\User;
use App\Preset\PresetDesk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Preset\Audience;

/** Named series of releases: mine, shared with people, the house's. */
final readonly class PresetController
{
    public function __construct(private PresetDesk $desk)
    {
    }

    public function index(#[CurrentUser] User $user): PresetsResource
    {
        $presets = Preset::seenBy($user)
            ->with([
                'kit.user',
                'people',
                'releases' => static fn ($releases) => $releases
                    ->with(['author', 'files' => static fn ($files) => $files->select(['id', 'release_id', 'application', 'file_name'])])
                    ->select(['id', 'preset_id', 'number', 'note', 'author_id', 'digest', 'accepted', 'reason', 'created_at', 'fixed']),
            ])
            ->orderByDesc('is_standard')
            ->orderBy('name')
            ->get();

        return new PresetsResource($presets, $user, $user->kit->follows()->get(), User::query()->orderBy('name')->get());
    }

    public function update(Request $request, #[CurrentUser] User $user, Preset $preset): PresetsResource
    {
        $validated = $request->validate([
            'audience' => ['required', Rule::enum(Audience::class)],
            'people' => ['sometimes', 'array', 'max:500'],
            'people.*' => ['integer', 'min:1', 'max:9007199254740991', Rule::exists('users', 'id')],
            'is_standard' => ['sometimes', 'boolean'],
        ], ['audience' => 'Choose who sees the preset.', 'people.*' => 'There is nobody of that number.']);

        $audience = Audience::from($request->string('audience')->toString());
        if ($audience === Audience::House) {
            Gate::authorize('giveToHouse', $preset);
        }
        $this->desk->share($preset, $audience, array_values(array_map(intval(...), $validated['people'] ?? [])));
        if ($request->boolean('is_standard')) {
            Gate::authorize('giveToHouse', $preset);
            $this->desk->makeStandard($preset);
        }

        return $this->index($user);
    }
}
