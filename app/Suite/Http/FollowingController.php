<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Preset;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Suite\Following;
use App\Suite\SuiteList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Keyboard\Seat;

/** What a suite follows: a preset at its newest, or at one release. */
final readonly class FollowingController
{
    public function __construct(private Following $following, private SuiteList $list, private SuiteShape $shape)
    {
    }

    public function follow(FollowingRequest $request, #[CurrentUser] User $user, Suite $suite, Seat $seat): SuiteResource
    {
        $preset = Preset::query()->findOrFail($request->integer('preset'));
        Gate::authorize('view', $preset);
        $pinned = $request->validated('release');
        $release = $pinned === null ? null : Release::query()->where('preset_id', $preset->id)->whereKey($pinned)->firstOrFail();
        $yes = new Acknowledgement($request->validated('accept') ?? [], $request->validated('reason'));

        return $this->shown($this->following->follow($suite, $user, $preset, $release, $seat, $yes));
    }

    public function stop(#[CurrentUser] User $user, Suite $suite): SuiteResource
    {
        return $this->shown($this->following->stop($suite, $user));
    }

    private function shown(Suite $suite): SuiteResource
    {
        return new SuiteResource($this->list->loaded($suite), $this->shape);
    }
}
