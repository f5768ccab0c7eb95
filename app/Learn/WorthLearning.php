<?php

declare(strict_types=1);

namespace App\Learn;

use App\Keymap\KitReader;
use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\FriendSide;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Lessons;
use Zebrafinch\Core\Learn\Saving;
use Zebrafinch\Core\Learn\Savings;
use Zebrafinch\Core\Usage\Importance;

/** What would save somebody time, and what of it to learn next. */
final readonly class WorthLearning
{
    /** Of so many free chords the first is taken that was not offered for another command. */
    private const OFFERS_LOOKED_AT = 2 * Savings::MOST_OFFERS;

    public function __construct(private KitReader $kit)
    {
    }

    public function savings(Situation $situation): Savings
    {
        $offers = [];

        return Savings::of($situation->doings, $situation->ways, function (Doing $doing, array $taken) use (
            $situation,
            &$offers,
        ): ?Binding {
            $id = $doing->application->id;
            $offers[$id] ??= $this->kit->offers($situation->user, $doing->application, $situation->seat);
            $home = $doing->command->home;
            $chords = array_map(static fn (Binding $one): string => $one->chord->id(), $taken);
            foreach ($offers[$id]->for(($situation->keymapOf)($id), $doing->command->id, $home, self::OFFERS_LOOKED_AT) as $offer) {
                if (! in_array($offer->chord->id(), $chords, true)) {
                    return new Binding($offer->chord, $doing->command->id, $home);
                }
            }

            return null;
        });
    }

    /** @param  callable(Saving): bool  $isKnown  whether it is being learned already */
    public function lessons(Situation $situation, Savings $savings, callable $isKnown): Lessons
    {
        $misleading = $this->misleading($situation);
        $press = static fn (Saving $one): string => $situation->seat->press($one->binding->chord)->id;

        return Lessons::from(
            $savings->all,
            $situation->seat,
            static fn (Saving $one): bool => isset($misleading["{$press($one)} {$one->doing->application->id} {$one->doing->command->id}"]),
            $isKnown,
            fn (Saving $one): array => self::elsewhere($situation, $one, $press($one)),
        );
    }

    /** @return array<string, true> by press, application and command: chords that do something else in something that this person uses */
    private function misleading(Situation $situation): array
    {
        $used = [];
        foreach ($situation->doings as $doing) {
            $used["{$doing->application->id} {$doing->command->id}"] = true;
        }
        $friends = new FalseFriends(
            array_map($situation->keymapOf, $situation->applications()),
            $situation->vocabulary,
            new Importance($situation->vocabulary, $situation->recent),
        );
        $name = static fn (FriendSide $side): string => "{$side->application->id} {$side->command->id}";
        $found = [];
        foreach ($friends->all() as $friend) {
            // What is not used by this person misleads nobody here.
            $expected = array_filter($friend->expected, static fn (FriendSide $one): bool => isset($used[$name($one)]));
            if ($expected !== []) {
                $found["{$friend->press->id} {$name($friend->instead)}"] = true;
            }
            if (isset($used[$name($friend->instead)])) {
                foreach ($friend->expected as $side) {
                    $found["{$friend->press->id} {$name($side)}"] = true;
                }
            }
        }

        return $found;
    }

    /** @return list<string> names of the other applications that somebody works in where the same press does the same */
    private static function elsewhere(Situation $situation, Saving $saving, string $press): array
    {
        $intent = $saving->doing->intent;
        if ($intent === null) {
            return [];
        }
        $names = [];
        foreach (array_diff($situation->applications(), [$saving->doing->application->id]) as $id) {
            $match = $situation->vocabulary->matchOf($id, $intent->id);
            $keymap = ($situation->keymapOf)($id);
            $presses = array_map(
                static fn (Binding $one): string => $situation->seat->press($one->chord)->id,
                $match === null ? [] : $keymap->bindings()->ofCommand($match->command),
            );
            if (in_array($press, $presses, true)) {
                $names[] = $keymap->application->name;
            }
        }

        return $names;
    }
}
