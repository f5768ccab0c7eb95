<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\IntentTrait;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\Importance;

/** Finds the commands of a kit that fulfil the chosen intents, and says which of them are not moved. */
final readonly class Targets
{
    /**
     * @param  list<LoadedKeymap>  $keymaps
     * @return list<Target>
     */
    public static function of(array $keymaps, Vocabulary $vocabulary, Importance $importance, Scope $scope): array
    {
        $targets = [];
        foreach ($keymaps as $keymap) {
            $ofKeymap = [];
            $seen = [];
            foreach (array_unique($scope->intents) as $id) {
                $match = $vocabulary->matchOf($keymap->application->id, $id);
                // A command that fulfils two intents has one first chord all the same.
                if ($match !== null && ! isset($seen[$match->command]) && $keymap->application->knows($match->command)) {
                    $seen[$match->command] = true;
                    $target = self::target(
                        $keymap,
                        $vocabulary->intent($id),
                        $match->command,
                        $importance->ofCommand($keymap->application->id, $match->command),
                        $scope,
                    );
                    if ($target !== null) {
                        $ofKeymap[] = $target;
                    }
                }
            }
            array_push($targets, ...self::leavingLayers($keymap, $ofKeymap));
        }

        return $targets;
    }

    private static function target(LoadedKeymap $keymap, Intent $intent, string $command, float $weight, Scope $scope): ?Target
    {
        $bindings = $keymap->bindings()->ofCommand($command);
        $known = $keymap->application->command($command);
        $now = $bindings[0] ?? null;
        if ($now === null && ($known->is(CommandTrait::CanBeHeld) || in_array(IntentTrait::Momentary, $intent->traits, true))) {
            return null;
        }
        $left = match (true) {
            $scope->leaves($keymap->application->id, $command) => 'It is not to be touched.',
            $now === null => null,
            $now->gesture === Gesture::Hold => 'It is held, and holds are not moved.',
            ! $keymap->seat->press($now->chord)->isPossible() => 'Its chord cannot be pressed at this keyboard.',
            default => null,
        };

        $further = array_values(array_filter(array_slice($bindings, 1), static fn (Binding $one): bool => $one->id() !== $now?->id()));

        return new Target($keymap, $intent, $command, $now->context ?? $known->home, $now, $further, $weight, $left);
    }

    /**
     * Two targets on one press whose contexts meet are layered on purpose: neither is moved.
     *
     * @param  list<Target>  $targets
     * @return list<Target>
     */
    private static function leavingLayers(LoadedKeymap $keymap, array $targets): array
    {
        $byPress = [];
        foreach ($targets as $target) {
            if ($target->now !== null) {
                $byPress[$keymap->seat->press($target->now->chord)->id][] = $target->now;
            }
        }

        return array_map(static function (Target $target) use ($keymap, $byPress): Target {
            $now = $target->now;
            if ($now === null || $target->left !== null) {
                return $target;
            }
            $layered = array_filter(
                $byPress[$keymap->seat->press($now->chord)->id],
                static fn (Binding $other): bool => $other->context !== $now->context &&
                    $keymap->application->contexts->depth($other->context) !== $keymap->application->contexts->depth($now->context) &&
                    $keymap->application->contexts->overlap($other->context, $now->context),
            );
            $sharing = $layered === [] ? null : $keymap->application->commandName(reset($layered)->command);
            $left = $sharing === null ? null : "It shares its chord with {$sharing} in another context on purpose.";

            return new Target(
                $target->keymap,
                $target->intent,
                $target->command,
                $target->context,
                $now,
                $target->further,
                $target->weight,
                $left,
            );
        }, $targets);
    }
}
