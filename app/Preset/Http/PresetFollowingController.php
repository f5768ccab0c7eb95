<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Preset;
use App\Models\User;
use App\Preset\News;
use App\Preset\PresetDesk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Side;

/** Following a preset: being told of what is new there, and taking it in. */
final readonly class PresetFollowingController
{
    public function __construct(private News $news, private PresetDesk $desk)
    {
    }

    public function follow(Request $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $request->validate(
            ['from' => ['required', Rule::in(['now', 'beginning'])]],
            ['from' => 'Say whether all of it is new to you, or only what changes from now on.'],
        );

        $this->desk->follow($user, $preset, $request->string('from')->toString() === 'now');

        return $this->shown($user, $preset, $seat, []);
    }

    public function unfollow(#[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $this->desk->unfollow($user, $preset);

        return $this->shown($user, $preset, $seat, []);
    }

    public function news(Request $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $validated = $request->validate(['answers' => ['sometimes', 'array', 'max:1000'], 'answers.*' => [Rule::enum(Side::class)]]);

        return $this->shown($user, $preset, $seat, array_map(Side::from(...), $validated['answers'] ?? []));
    }

    public function take(Request $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): NewsResource
    {
        $validated = $request->validate([
            'up_to' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'answers' => ['sometimes', 'array', 'max:1000'],
            'answers.*' => [Rule::enum(Side::class)],
            'versions' => ['sometimes', 'array', 'max:50'],
            'versions.*' => ['integer', 'min:0', 'max:2147483647'],
        ], ['up_to' => 'Name the release that you have seen.']);

        $answers = array_map(Side::from(...), $validated['answers'] ?? []);
        $versions = array_map(intval(...), $validated['versions'] ?? []);
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
