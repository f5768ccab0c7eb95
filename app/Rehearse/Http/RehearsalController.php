<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

use App\Library\Library;
use App\Models\Rehearsal;
use App\Models\Suite;
use App\Models\User;
use App\Rehearse\Rehearsing;
use App\Suite\Presence;
use App\Suite\SuiteSeats;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Zebrafinch\Core\Keyboard\Seat;

/** Chords pressed in a suite's stand-in applications, answered by what the installed key file makes of them. */
final readonly class RehearsalController
{
    public function __construct(
        private Library $library,
        private SuiteSeats $seats,
        private Rehearsing $rehearsing,
        private Presence $presence,
    ) {
    }

    /** @throws ValidationException */
    public function store(Request $request, #[CurrentUser] User $user, Suite $suite): JsonResponse
    {
        $request->validate(['application' => ['required', 'string', 'max:60']], ['application' => 'Choose an application of the suite.']);

        $application = $this->library->application($request->string('application')->toString());
        if (! in_array($application->id, $suite->applications, true)) {
            throw ValidationException::withMessages(['application' => "{$suite->name} has no {$application->name}."]);
        }

        return $this->show($this->rehearsing->begin($suite, $user, $application))->withStatus(201);
    }

    public function show(Rehearsal $rehearsal): RehearsalResource
    {
        return new RehearsalResource(
            $rehearsal,
            $this->library->application($rehearsal->application),
            $this->seats->of($rehearsal->suite),
            $this->presence->isOnline($rehearsal->suite),
        );
    }

    /** @throws ValidationException when the suite's keyboard cannot type the chord */
    public function press(PressRequest $request, Rehearsal $rehearsal, Seat $seat): JsonResponse
    {
        $focus = $this->library->application($rehearsal->application)->contexts->get($request->string('focus')->toString());
        if (! $this->rehearsing->press($rehearsal, $request->chord($seat), $request->string('gesture', 'tap')->toString(), $focus)) {
            throw ValidationException::withMessages(['chord' => "The keyboard of {$rehearsal->suite->name} cannot type this chord."]);
        }

        return $this->show($rehearsal)->withStatus(202);
    }
}
