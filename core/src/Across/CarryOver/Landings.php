<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across\CarryOver;

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\CommandMatch;
use Zebrafinch\Core\Intent\Correspondence;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedChords;

/**
 * Finds for each binding its command, chord and context in the target. Keys stay where they are on the board and `Primary` becomes
 * what it is on the target's system; a chord by character is looked for where the target's layout has the character.
 */
final readonly class Landings
{
    private ReachJudge $judge;

    public function __construct(private LoadedKeymap $target, private Vocabulary $vocabulary, ReservedChords $reserved)
    {
        $this->judge = new ReachJudge($target->seat, $reserved);
    }

    public function of(LoadedKeymap $from, Binding $binding): Landing
    {
        $there = $this->target->application;
        $name = $from->application->commandName($binding->command);
        $match = $this->vocabulary->matchFor($from->application->id, $binding->command);
        if ($match === null) {
            return Landing::nowhere(Ending::NothingToCarryTo, "Nobody has said what {$name} is for.");
        }
        $wanted = $this->vocabulary->intent($match->intent)->name;
        $goal = $this->vocabulary->matchOf($there->id, $match->intent);
        $command = $goal !== null && $there->knows($goal->command) ? $there->command($goal->command) : null;
        if ($goal === null || $command === null) {
            return Landing::nowhere(Ending::NothingToCarryTo, "{$there->name} has nothing for \"{$wanted}\".");
        }
        if ($command->is(CommandTrait::MenuOnly)) {
            return Landing::nowhere(Ending::NothingToCarryTo, "{$there->name} has {$command->name} in a menu only.");
        }
        if ($binding->gesture === Gesture::Hold && ! ($there->tellsHold && $command->is(CommandTrait::CanBeHeld))) {
            return Landing::nowhere(Ending::NothingToCarryTo, "It is held, and {$command->name} in {$there->name} cannot be.");
        }

        return $this->chord($from, $binding, $command, $this->difference($from, $match, $goal));
    }

    private function difference(LoadedKeymap $from, CommandMatch $match, CommandMatch $goal): ?string
    {
        $sentences = [];
        foreach ([[$from->application->name, $match], [$this->target->application->name, $goal]] as [$name, $one]) {
            if ($one->correspondence === Correspondence::Near) {
                $sentences[] = "{$name}: {$one->difference}";
            }
        }

        return $sentences === [] ? null : implode(' ', array_unique($sentences));
    }

    private function chord(LoadedKeymap $from, Binding $binding, Command $command, ?string $difference): Landing
    {
        $press = $this->press($binding->chord);
        if ($press === null) {
            return Landing::nowhere(Ending::OutOfReach, $this->judge->of($binding->chord)->sentence);
        }
        $written = $this->target->application->naming->write($press, $this->target->seat);
        $reach = $this->judge->of($written);
        if ($reach->kind === ReachKind::Reserved) {
            return Landing::nowhere(Ending::Reserved, $reach->sentence);
        }
        if ($reach->kind !== ReachKind::AsWritten) {
            return Landing::nowhere(Ending::OutOfReach, $reach->sentence);
        }
        $context = ($this->target->bindings()->ofCommand($command->id)[0] ?? null)->context ?? $command->home;
        $there = $this->target->application->contexts->get($context);
        if ($there->textEntry && $this->target->seat->typed($written) !== null) {
            $label = $this->target->seat->printer()->label($written);

            return Landing::nowhere(Ending::OutOfReach, "{$label} types a character in {$there->name}.");
        }

        return Landing::on(new Binding($written, $command->id, $context, $binding->gesture), $difference);
    }

    /** The chord as the hands press it at the target's keyboard, with `Primary` for its primary key. */
    private function press(Chord $chord): ?Chord
    {
        if ($chord->key instanceof Key) {
            return $chord;
        }
        $made = $this->target->seat->press($chord)->made;

        return $made === null ? null : Chord::with($made->modifiers->writtenFrom($this->target->seat->system), $made->key);
    }
}
