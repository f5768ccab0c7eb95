<?php

declare(strict_types=1);

namespace App\Suite;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\Suite;
use App\Models\User;

/** Who did what in a suite, when and why. */
final readonly class Story
{
    public function __construct(private Journal $journal)
    {
    }

    public function tell(Suite $suite, ?User $user, string $kind, string $what, ?string $why = null): void
    {
        $details = array_filter(['what' => $what, 'why' => $why]);
        $this->journal->note("suite-{$kind}", Subject::suite($suite), $details);
        $suite->events()->create(['user_id' => $user?->id, 'kind' => $kind, 'what' => $what, 'why' => $why, 'at' => now()]);
    }
}
