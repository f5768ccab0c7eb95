<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\User;
use Closure;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Ways;
use Zebrafinch\Core\Usage\UsageDays;
use Zebrafinch\Core\Usage\UsageLog;

/** What learning is worked out from: who, where, with which keymaps, and how they do what they do. */
final readonly class Situation
{
    /**
     * @param  UsageLog  $recent  the last weeks of the log added up
     * @param  int  $weeks  how many these are
     * @param  Closure(string): LoadedKeymap  $keymapOf  an application, at the seat
     * @param  list<Doing>  $doings  what the recent log tells of that is known here
     */
    public function __construct(
        public User $user,
        public Seat $seat,
        public Learner $learner,
        public Ways $ways,
        public UsageDays $days,
        public UsageLog $recent,
        public int $weeks,
        public Vocabulary $vocabulary,
        public Closure $keymapOf,
        public array $doings,
    ) {
    }

    /** @return list<string> ids of applications that somebody works in, by the recent log */
    public function applications(): array
    {
        return array_values(array_unique(array_map(static fn (Doing $one): string => $one->application->id, $this->doings)));
    }

    public function doing(string $application, string $command): ?Doing
    {
        foreach ($this->doings as $doing) {
            if ($doing->application->id === $application && $doing->command->id === $command) {
                return $doing;
            }
        }

        return null;
    }
}
