<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
use App\Suite\Assignments;
use App\Suite\FamiliarSuite;
use App\Suite\SuiteSeats;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;

/** What will be installed in a suite once somebody sits down there: their keys as they fit its keyboard, else what is due there. */
final class SuiteToCome
{
    /** @var array<string, array<string, string>> by person and suite, for those who ask several times in one request */
    private array $files = [];

    /** @var array<string, array<string, LoadedKeymap>> */
    private array $keymaps = [];

    public function __construct(
        private readonly Assignments $assignments,
        private readonly FamiliarSuite $familiar,
        private readonly SuiteSeats $seats,
    ) {
    }

    public function seat(Suite $suite): Seat
    {
        return $this->seats->of($suite);
    }

    /** @return array<string, string> bytes of key files by application; the stand-ins read these */
    public function files(User $user, Suite $suite): array
    {
        return $this->files["{$user->id} {$suite->id}"] ??= $this->filesFor($user, $suite);
    }

    /** @return array<string, string> */
    private function filesFor(User $user, Suite $suite): array
    {
        $bytes = [];
        $digests = [];
        foreach ($suite->state->due() as $application => $due) {
            $digests[$application] = $due->sha256;
        }
        // Whoever may not sit down there finds what is due.
        if (Gate::forUser($user)->allows('sitDown', $suite)) {
            foreach ($this->assignments->guestFits($suite, $user) as $application => $fit) {
                if ($fit->stops([]) === []) {
                    $bytes[$application] = $fit->bytes;
                }
            }
        }
        foreach (array_filter(array_diff_key($digests, $bytes), is_string(...)) as $application => $sha256) {
            $stored = StoredFile::bytesOf($sha256);
            if ($stored !== null) {
                $bytes[$application] = $stored;
            }
        }

        return $bytes + $this->familiar->reported($suite);
    }

    /** @return array<string, LoadedKeymap> by application */
    public function keymaps(User $user, Suite $suite): array
    {
        return $this->keymaps["{$user->id} {$suite->id}"] ??= $this->familiar->installedIn($suite, $this->files($user, $suite));
    }
}
