<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\IntentTrait;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\Importance;

/**
 * Finds the chords that mislead somebody who knows them from another application, or from another context of the same one. Intents of one
 * family ask the hands for the same and mislead nobody. What cannot be undone comes first, then what destroys, then what the hands are
 * most used to.
 */
final class FalseFriends
{
    /** @var array<string, array<string, array{Command, Intent|null, Harm}>> by application and command */
    private array $known = [];

    /**
     * @param  list<LoadedKeymap>  $keymaps  one for each application, at one seat
     * @param  list<string>|null  $from  applications that the hands know; null for all
     * @param  list<string>|null  $to  applications in which they are misled; null for all
     */
    public function __construct(
        private readonly array $keymaps,
        private readonly Vocabulary $vocabulary,
        private readonly Importance $importance,
        private readonly ?array $from = null,
        private readonly ?array $to = null,
    ) {
    }

    /** @return list<MisleadingChord> the worst first */
    public function byChord(): array
    {
        $chords = [];
        foreach ($this->all() as $friend) {
            $chords[$friend->press->id][] = $friend;
        }

        return array_values(
            array_map(static fn (array $friends): MisleadingChord => new MisleadingChord($friends[0]->press, $friends), $chords),
        );
    }

    /** @return list<FalseFriend> the worst first */
    public function all(): array
    {
        $found = [];
        [$ranks, $habits, $ids] = [[], [], []];
        foreach ($this->sidesByPress() as [$press, $sides]) {
            foreach ($sides as $instead) {
                if ($this->to !== null && ! in_array($instead->application->id, $this->to, true)) {
                    continue;
                }
                $expected = [];
                foreach ($sides as $side) {
                    if ($this->misleads($side, $instead)) {
                        $expected[] = $side;
                    }
                }
                if ($expected !== []) {
                    $friend = new FalseFriend($press, $expected, $instead);
                    $ranks[] = $friend->harm()->rank();
                    $habits[] = -$this->habit($friend);
                    $ids[] = $press->id;
                    $found[] = $friend;
                }
            }
        }
        $order = array_keys($found);
        array_multisort($ranks, $habits, $ids, SORT_STRING, $order);

        return array_map(static fn (int $index): FalseFriend => $found[$index], $order);
    }

    /** How used the hands are to what they expect: each application that teaches it counts as much as it is used there. */
    private function habit(FalseFriend $friend): float
    {
        $habit = 0.0;
        foreach ($friend->expected as $side) {
            $habit += $side->intent === null ? 0.0 : $this->importance->ofCommand($side->application->id, $side->command->id);
        }

        return $habit;
    }

    /** Only an intent can be expected elsewhere; a command that nobody has matched to one is known to its own application alone. */
    private function misleads(FriendSide $known, FriendSide $here): bool
    {
        return $known->intent !== null &&
            $known->intent !== $here->intent &&
            ($this->from === null || in_array($known->application->id, $this->from, true)) &&
            ($here->intent === null || ! $known->intent->asksForTheSameAs($here->intent)) &&
            ($known->application->id !== $here->application->id || $known->command->id !== $here->command->id);
    }

    /**
     * @return list<array{
     *     Press,
     *     list<FriendSide>,
     * }> what each press does, where it does more than one thing: each command of an application once
     */
    private function sidesByPress(): array
    {
        $presses = [];
        $uses = [];
        foreach ($this->keymaps as $index => $keymap) {
            foreach ($keymap->presses() as $id => $press) {
                if ($press->isPossible()) {
                    $presses[$id] = $press;
                    $uses[$id][$index] = $keymap->onPress($press);
                }
            }
        }
        $found = [];
        foreach ($uses as $id => $byKeymap) {
            $sides = [];
            foreach (count($byKeymap) > 1 || count(reset($byKeymap)) > 1 ? $byKeymap : [] as $index => $bindings) {
                $keymap = $this->keymaps[$index];
                foreach ($this->obeyed($keymap, $bindings) as $command => $binding) {
                    $sides[] = $this->side($keymap, (string) $command, $binding);
                }
            }
            if (count($sides) > 1) {
                $found[] = [$presses[$id], $sides];
            }
        }

        return $found;
    }

    private function side(LoadedKeymap $keymap, string $id, Binding $binding): FriendSide
    {
        [$command, $intent, $harm] = $this->known[$keymap->application->id][$id] ??= $this->does($keymap, $id);

        return new FriendSide($keymap->application, $command, $binding, $intent, $harm);
    }

    /** @return array{Command, Intent|null, Harm} */
    private function does(LoadedKeymap $keymap, string $id): array
    {
        $command = $keymap->application->command($id);
        $match = $this->vocabulary->matchFor($keymap->application->id, $id);
        $intent = $match === null ? null : $this->vocabulary->intent($match->intent);

        return [$command, $intent, self::harm($command, $intent)];
    }

    private static function harm(Command $command, ?Intent $intent): Harm
    {
        $traits = $intent === null ? [] : $intent->traits;

        return match (true) {
            in_array(IntentTrait::Irreversible, $traits, true) => Harm::CannotBeUndone,
            in_array(IntentTrait::Destructive, $traits, true), $command->is(CommandTrait::Destructive) => Harm::Destroys,
            in_array(IntentTrait::Disorients, $traits, true) => Harm::Disorients,
            default => Harm::Harmless,
        };
    }

    /**
     * @param  list<Binding>  $bindings
     * @return array<string, Binding> those that the application obeys, by command
     */
    private function obeyed(LoadedKeymap $keymap, array $bindings): array
    {
        if (count($bindings) === 1) {
            return $keymap->application->knows($bindings[0]->command) ? [$bindings[0]->command => $bindings[0]] : [];
        }
        $obeyed = [];
        foreach ($keymap->gestures() as $gesture) {
            foreach ($keymap->claims($bindings, $gesture) as $claims) {
                $loaded = $keymap->loaded($claims);
                if ($loaded !== null && $keymap->application->knows($loaded->command)) {
                    $obeyed[$loaded->command] ??= $loaded;
                }
            }
        }

        return $obeyed;
    }
}
