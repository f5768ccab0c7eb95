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
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Offer\ObjectionKind;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReservedChords;

/**
 * Finds for each binding its command, chord and context in the target. Keys stay where they are on the board and `Primary` becomes
 * what it is on the target's system; a chord by character is looked for where the target's layout has the character.
 */
final readonly class Landings
{
    private ReachJudge $judge;

    private ChordRules $rules;

    public function __construct(private LoadedKeymap $target, private Vocabulary $vocabulary, ReservedChords $reserved)
    {
        $this->judge = new ReachJudge($target->seat, $reserved);
        $this->rules = new ChordRules($target->application, [$target->seat], $reserved);
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
        $context = ($this->target->bindings()->ofCommand($command->id)[0] ?? null)->context ?? $command->home;
        $landing = new Binding($written, $command->id, $context, $binding->gesture);
        $objection = $this->rules->objection($landing);

        return match ($objection?->kind) {
            null => Landing::on($landing, $difference),
            ObjectionKind::Reserved => Landing::nowhere(Ending::Reserved, $objection->sentence),
            default => Landing::nowhere(Ending::OutOfReach, $objection->sentence),
        };
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
