<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

use App\Models\User;
use App\Rehearse\DraftRehearsal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Validation\ValidationException;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;

/** Chords pressed in what somebody has now. */
final readonly class DraftPressController
{
    public function __construct(private DraftRehearsal $draft)
    {
    }

    /** @throws ValidationException when the keyboard cannot type the chord */
    public function __invoke(
        DraftPressRequest $request,
        #[CurrentUser] User $user,
        Application $application,
        Seat $seat,
    ): DraftPressResource {
        $focus = $application->contexts->get($request->string('focus')->toString());
        $chord = $request->chord($seat);
        $rehearsal = $request->string('rehearsal')->toString();
        $answer = $request->isLetGo()
            ? $this->draft->letGo($user, $rehearsal)
            : $this->draft->press($user, $rehearsal, $application, $focus, $chord, $request->gesture(), $seat);
        if ($answer === null) {
            throw ValidationException::withMessages(['chord' => 'This keyboard cannot type this chord.']);
        }

        return new DraftPressResource($chord, $request->string('gesture', 'tap')->toString(), $focus, $answer, $seat);
    }
}
