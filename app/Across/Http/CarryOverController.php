<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Across\CarriedOver;
use App\Library\Library;
use App\Models\Suite;
use App\Models\User;
use App\Suite\SuiteSeats;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Across\CarryOver\Report;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Keyboard\Seat;

/** Makes an application behave like others: first the report of every binding, then a keymap of its own. */
final readonly class CarryOverController
{
    public function __construct(
        private CarriedOver $carriedOver,
        private SuiteSeats $seats,
        private Docket $docket,
        private Library $library,
    ) {
    }

    public function preview(CarryOverRequest $request, #[CurrentUser] User $user, Seat $seat): CarryOverResource
    {
        return $this->answer($request, $user, $this->report($request, $user, $seat), $seat);
    }

    public function save(CarryOverRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $this->carriedOver->requireUnchanged($user, $request->versions());
        $report = $this->report($request, $user, $seat);
        $this->carriedOver->save($user, $report, $request->string('name')->trim()->toString());

        return $this->answer($request, $user, $report, $seat)->withStatus(201);
    }

    private function answer(CarryOverRequest $request, User $user, Report $report, Seat $seat): CarryOverResource
    {
        $applications = [...$request->sources(), $report->target->application->id];

        return new CarryOverResource(
            $report,
            $this->carriedOver->madeFrom($user, $applications),
            $this->docket,
            $this->library->keyboards->reserved(),
            $seat,
        );
    }

    private function report(CarryOverRequest $request, User $user, Seat $seat): Report
    {
        $suite = $request->filled('suite')
            ? Suite::query()
                ->where('slug', $request->string('suite')->toString())
                ->firstOrFail()
            : null;
        $there = $suite === null ? $seat : $this->seats->of($suite);

        return $this->carriedOver->report($user, $request->sources(), $request->validated('target'), $seat, $there, $request->said());
    }
}
