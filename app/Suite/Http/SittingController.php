<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use App\Models\Sitting;
use App\Models\Suite;
use App\Models\User;
use App\Suite\Assignments;
use App\Suite\Sittings;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Side;

/** Sitting down in a suite with one's own keys, leaving it as it was, and taking along what one changed there. */
final readonly class SittingController
{
    public function __construct(private Sittings $sittings, private Assignments $assignments, private Library $library)
    {
    }

    public function preview(#[CurrentUser] User $user, Suite $suite): SittingPreviewResource
    {
        return new SittingPreviewResource($suite, $this->assignments->guestFits($suite, $user), $user->kit->allInUse(), $this->library);
    }

    public function sitDown(Request $request, #[CurrentUser] User $user, Suite $suite): MySittingsResource
    {
        $validated = $request->validate([
            'until' => ['bail', 'present', 'nullable', 'string', 'date', 'after:now', 'before:+1 year'],
            'accept' => ['sometimes', 'array', 'max:1000'],
            'accept.*' => ['string', 'max:120'],
            'tells_usage' => ['sometimes', 'boolean'],
            'take_over' => ['sometimes', 'boolean'],
        ], ['until' => 'Say until when, at an hour that is still to come, or leave it open.']);

        $until = $validated['until'];
        $this->sittings->sitDown(
            $suite,
            $user,
            $until === null ? null : Carbon::parse($until),
            $validated['accept'] ?? [],
            $request->boolean('take_over'),
            $request->boolean('tells_usage'),
        );

        return $this->mine($user);
    }

    public function tellUsage(Request $request, #[CurrentUser] User $user, Sitting $sitting): MySittingsResource
    {
        $request->validate(['tells_usage' => ['required', 'boolean']]);

        $this->sittings->tellUsage($sitting, $request->boolean('tells_usage'));

        return $this->mine($user);
    }

    public function leave(#[CurrentUser] User $user, Suite $suite): MySittingsResource
    {
        $this->sittings->leave($suite, $user);

        return $this->mine($user);
    }

    public function mine(#[CurrentUser] User $user): MySittingsResource
    {
        $this->sittings->endOverdue();

        return new MySittingsResource($this->sittings->openOf($user), $this->sittings->offersTo($user), $this->library);
    }

    public function offer(#[CurrentUser] User $user, Sitting $sitting, Application $application, Seat $seat): SuiteOfferResource
    {
        $news = $this->sittings->offer($user, $sitting, $application->id);

        return $news === null ? abort(404) : new SuiteOfferResource($sitting, $news, $seat);
    }

    public function takeOffer(
        Request $request,
        #[CurrentUser] User $user,
        Sitting $sitting,
        Application $application,
    ): MySittingsResource {
        $validated = $request->validate([
            'answers' => ['sometimes', 'array', 'max:1000'],
            'answers.*' => [Rule::enum(Side::class)],
            'version' => ['required', 'integer', 'min:0', 'max:2147483647'],
        ]);

        $answers = array_map(Side::from(...), $validated['answers'] ?? []);
        $this->sittings->takeOffer($user, $sitting, $application->id, $answers, $request->integer('version'));

        return $this->mine($user);
    }

    public function dismissOffer(#[CurrentUser] User $user, Sitting $sitting, Application $application): MySittingsResource
    {
        $this->sittings->dismissOffer($sitting, $application->id);

        return $this->mine($user);
    }
}
