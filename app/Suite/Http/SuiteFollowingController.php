<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Preset;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Resources\JsonAnswer;
use App\Suite\Following;
use App\Suite\SuiteList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Keyboard\Seat;

/** What a suite follows: a preset at its newest, or at one release. */
final readonly class SuiteFollowingController
{
    public function __construct(private Following $following, private SuiteList $list, private SuiteShape $shape)
    {
    }

    public function follow(Request $request, #[CurrentUser] User $user, Suite $suite, Seat $seat): JsonAnswer
    {
        $validated = $request->validate([
            'preset' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'release' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:9007199254740991'],
            'accept' => ['sometimes', 'array', 'max:1000'],
            'accept.*' => ['string', 'max:120'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:200'],
        ], ['preset' => 'Choose a preset that the suite should follow.']);

        $preset = Preset::query()->findOrFail($request->integer('preset'));
        Gate::authorize('view', $preset);
        $pinned = $validated['release'] ?? null;
        $release = $pinned === null ? null : Release::query()->where('preset_id', $preset->id)->whereKey($pinned)->firstOrFail();
        $yes = new Acknowledgement($validated['accept'] ?? [], $validated['reason'] ?? null);

        return $this->shown($this->following->follow($suite, $user, $preset, $release, $seat, $yes));
    }

    public function stop(#[CurrentUser] User $user, Suite $suite): JsonAnswer
    {
        return $this->shown($this->following->stop($suite, $user));
    }

    private function shown(Suite $suite): JsonAnswer
    {
        return new JsonAnswer($this->shape->of($this->list->loaded($suite)));
    }
}
