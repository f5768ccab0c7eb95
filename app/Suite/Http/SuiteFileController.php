<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Resources\JsonAnswer;
use App\Suite\HandChanges;
use App\Suite\SuiteList;
use App\Suite\SuiteSeats;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Side;

/** A key file that was changed by hand in a suite, and what is to become of it. */
final readonly class SuiteFileController
{
    public function __construct(
        private HandChanges $changes,
        private SuiteList $list,
        private SuiteShape $shape,
        private SuiteSeats $seats,
    ) {
    }

    public function show(Suite $suite, Application $application): HandChangeResource
    {
        return new HandChangeResource($this->changes->look($suite, $application->id), $this->seats->of($suite));
    }

    public function decide(
        HandChangeRequest $request,
        #[CurrentUser] User $user,
        Suite $suite,
        Application $application,
        Seat $seat,
    ): JsonAnswer {
        $sha256 = $request->string('sha256')->toString();
        $reason = $request->validated('reason');
        $answers = array_map(Side::from(...), $request->validated('answers') ?? []);
        $id = $application->id;
        $changed = match ($request->string('way')->toString()) {
            'leave' => $this->changes->leave($suite, $user, $id, $sha256, $reason),
            'overwrite' => $this->changes->overwrite($suite, $user, $id, $sha256, $reason),
            'put-back' => $this->changes->putBack($suite, $user, $id, $sha256, $request->string('copy')->toString(), $reason),
            'merge' => $this->changes->merge($suite, $user, $id, $sha256, $answers, $reason),
            default => $this->release($request, $user, $suite, $id, $sha256, $answers, $seat),
        };

        return new JsonAnswer($this->shape->of($this->list->loaded($changed)));
    }

    /** @param  array<string, Side>  $answers */
    private function release(
        HandChangeRequest $request,
        User $user,
        Suite $suite,
        string $application,
        string $sha256,
        array $answers,
        Seat $seat,
    ): Suite {
        Gate::authorize('release', $suite->preset()->firstOrFail());
        $yes = new Acknowledgement($request->validated('accept') ?? [], $request->validated('reason'));
        $note = $request->string('note')->toString();

        return $this->changes->release($suite, $user, $application, $sha256, $answers, $note, $seat, $yes);
    }
}
