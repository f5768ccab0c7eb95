<?php

declare(strict_types=1);

namespace App\Description;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Library\Library;

/** Stores applications of the house. With each write goes what follows from it: its entry in the journal, and the library reads anew. */
final readonly class ApplicationStore
{
    public function __construct(private Journal $journal, private Library $library)
    {
    }

    public function save(HouseApplication $application): void
    {
        $isNoted = ! $application->exists || $application->isDirty('state');
        $application->save();
        $this->library->forget();
        if ($isNoted) {
            $this->note($application->state->value, $application);
        }
    }

    public function delete(HouseApplication $application): void
    {
        $application->delete();
        $this->library->forget();
        $this->note('deleted', $application);
    }

    private function note(string $what, HouseApplication $application): void
    {
        $this->journal->note("application-{$what}", Subject::application($application->slug, $application->name));
    }
}
