<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Preset;
use App\Models\User;
use App\Preset\News;
use App\Preset\PresetDesk;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Side;

/** Following a preset: being told of what is new there, and taking it in. */
final readonly class FollowingController
{
    public function __construct(private News $news, private PresetDesk $desk)
    {
    }

    public function follow(FollowRequest $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $this->desk->follow($user, $preset, $request->string('from')->toString() === 'now');

        return $this->shown($user, $preset, $seat, []);
    }

    public function unfollow(#[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $this->desk->unfollow($user, $preset);

        return $this->shown($user, $preset, $seat, []);
    }

    public function news(NewsRequest $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        return $this->shown($user, $preset, $seat, array_map(Side::from(...), $request->validated('answers') ?? []));
    }

    public function take(TakeNewsRequest $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $answers = array_map(Side::from(...), $request->validated('answers') ?? []);
        $versions = array_map(intval(...), $request->validated('versions') ?? []);
        $this->news->take($user, $preset, $request->integer('up_to'), $answers, $versions);

        return $this->shown($user, $preset, $seat, []);
    }

    /** @param  array<string, Side>  $answers */
    private function shown(User $user, Preset $preset, Seat $seat, array $answers): NewsResource
    {
        return new NewsResource(
            $preset,
            $preset->newest()->with('author')->firstOrFail(),
            $this->news->of($user, $preset, $answers),
            $seat,
        );
    }
}
