<?php

declare(strict_types=1);

namespace App\Learn;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Usage\UsageLogs;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Habits;
use Zebrafinch\Core\Learn\Ways;
use Zebrafinch\Core\Usage\UsageDays;

/** Puts together how somebody does what they do. */
final readonly class Situations
{
    /** Habits are what the last so many weeks of the log tell. */
    public const WEEKS = 4;

    public function __construct(
        private Library $library,
        private KitReader $kit,
        private PersonalVocabulary $words,
        private UsageLogs $usage,
    ) {
    }

    public function days(User $user): UsageDays
    {
        return $this->usage->days($user->kit);
    }

    public function of(User $user, Seat $seat): Situation
    {
        $days = $this->days($user);
        $recent = $days->lastWeeks(self::WEEKS);
        $weeks = max(1, count($recent->mondays()));
        $learner = Learner::of($user);
        $each = $this->kit->each($user);
        $loaded = [];
        $keymapOf = static function (string $id) use ($each, $seat, &$loaded): LoadedKeymap {
            return $loaded[$id] ??= $each($id)->at($seat);
        };
        $vocabulary = $this->words->vocabulary($user);
        $log = $recent->sum();

        return new Situation(
            $user,
            $seat,
            $learner,
            new Ways($seat, $learner->speed()),
            $days,
            $log,
            $weeks,
            $vocabulary,
            $keymapOf,
            Habits::of($log, $weeks, $this->library->applicationIds(), $keymapOf, $vocabulary),
        );
    }
}
