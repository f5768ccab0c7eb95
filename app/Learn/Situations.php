<?php

declare(strict_types=1);

namespace App\Learn;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Learner;
use App\Models\User;
use App\Usage\UsageLogs;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Pressable;
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
        $who = [];
        $doings = [];
        $known = array_fill_keys($this->library->applicationIds(), true);
        foreach ($log->all() as $uses) {
            if (! isset($known[$uses->application])) {
                continue;
            }
            $keymap = $keymapOf($uses->application);
            if ($keymap->application->knows($uses->command)) {
                $match = $vocabulary->matchFor($uses->application, $uses->command);
                $doings[] = new Doing(
                    $keymap->application,
                    $keymap->application->command($uses->command),
                    Pressable::all($who[$uses->application] ??= new Who($keymap), $keymap, $uses->command),
                    $uses->byKey / $weeks,
                    $uses->byMouse / $weeks,
                    $match === null ? null : $vocabulary->intent($match->intent),
                );
            }
        }

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
            $doings,
        );
    }
}
