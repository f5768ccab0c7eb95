<?php

declare(strict_types=1);

namespace App\Rehearse;

use App\Library\Library;
use App\Models\Rehearsal;
use App\Models\Suite;
use App\Models\User;
use App\Suite\Presence;
use App\Suite\SuiteSeats;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Keyboard\Chord;

/** Asks a suite's agent to press chords in its stand-in applications. */
final readonly class Rehearsing
{
    public function __construct(private SuiteSeats $seats, private Presence $presence, private Library $library)
    {
    }

    public function begin(Suite $suite, User $user, Application $application): Rehearsal
    {
        $this->presence->forget($suite);

        return Rehearsal::query()->create(['suite_id' => $suite->id, 'user_id' => $user->id, 'application' => $application->id]);
    }

    /**
     * @param  string  $gesture  tap, hold, or let-go when a key that was held goes up
     * @return bool false when the suite's keyboard has no press for the chord; nothing is asked then
     */
    public function press(Rehearsal $rehearsal, Chord $chord, string $gesture, Context $focus): bool
    {
        $press = PressAtSeat::of($chord, $this->seats->of($rehearsal->suite));
        if ($press === null) {
            return false;
        }
        $rehearsal->presses()->create([
            'suite_id' => $rehearsal->suite_id,
            'payload' => [
                'rehearsal' => $rehearsal->id,
                'application' => $rehearsal->application,
                'focus' => $focus->id,
                'focus_name' => $focus->name,
                'chord' => $chord->id(),
                ...get_object_vars($press),
                'gesture' => $gesture,
                ...$this->described($rehearsal->application),
            ],
        ]);

        $this->presence->forget($rehearsal->suite);

        return true;
    }

    /** @return array<string, mixed> how an application of the house is described: nobody there has a simulation of it */
    private function described(string $application): array
    {
        if (! $this->library->isBrought($application)) {
            return [];
        }
        $data = $this->library->data($application);

        return [
            'described' => ['catalogue' => $data->catalogue, 'dialect' => $data->dialect, 'factory' => base64_encode($data->factory)],
        ];
    }
}
