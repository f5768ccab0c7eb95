<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Closure;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Usage\UsageLog;

/** How somebody does what a usage log tells of, with the chords that they have now. */
final readonly class Habits
{
    /**
     * @param  int  $weeks  that the log adds up
     * @param  list<string>  $applications  those that are known; what the log tells of others is left out, and unknown commands too
     * @param  Closure(string): LoadedKeymap  $keymapOf  an application
     * @return list<Doing> the most used first
     */
    public static function of(UsageLog $log, int $weeks, array $applications, Closure $keymapOf, Vocabulary $vocabulary): array
    {
        $known = array_fill_keys($applications, true);
        $who = [];
        $doings = [];
        foreach ($log->all() as $uses) {
            $keymap = isset($known[$uses->application]) ? $keymapOf($uses->application) : null;
            if ($keymap === null || ! $keymap->application->knows($uses->command)) {
                continue;
            }
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

        return $doings;
    }
}
