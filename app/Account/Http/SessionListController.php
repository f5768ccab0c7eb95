<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Sessions;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Where somebody is signed in. */
final readonly class SessionListController
{
    public function __construct(private Sessions $sessions, private Journal $journal)
    {
    }

    public function destroy(#[CurrentUser] User $user, string $session): Response
    {
        abort_unless($this->sessions->end($user, $session), 404);
        $this->journal->note('session-ended', Subject::person($user));

        return response()->noContent();
    }

    public function destroyOthers(Request $request, #[CurrentUser] User $user): Response
    {
        $this->sessions->endAll($user, $request->session()->getId());
        $this->journal->note('other-sessions-ended', Subject::person($user));

        return response()->noContent();
    }
}
