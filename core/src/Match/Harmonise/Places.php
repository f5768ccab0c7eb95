<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match\Harmonise;

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\IntentTrait;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Usage\Importance;

/** Finds the commands of a kit that fulfil the chosen intents, and says which of them are not moved. */
final readonly class Places
{
    /**
     * @param  list<LoadedKeymap>  $keymaps
     * @return list<Place>
     */
    public static function of(array $keymaps, Vocabulary $vocabulary, Importance $importance, Scope $scope): array
    {
        $places = [];
        foreach ($keymaps as $keymap) {
            $ofKeymap = [];
            $seen = [];
            foreach (array_unique($scope->intents) as $id) {
                $match = $vocabulary->matchOf($keymap->application->id, $id);
                // A command that fulfils two intents has one first chord all the same.
                if ($match !== null && ! isset($seen[$match->command]) && $keymap->application->knows($match->command)) {
                    $seen[$match->command] = true;
                    $place = self::place($keymap, $vocabulary->intent($id), $match->command, $importance->ofCommand($keymap->application->id, $match->command), $scope);
                    if ($place !== null) {
                        $ofKeymap[] = $place;
                    }
                }
            }
            array_push($places, ...self::leavingLayers($keymap, $ofKeymap));
        }

        return $places;
    }

    private static function place(LoadedKeymap $keymap, Intent $intent, string $command, float $weight, Scope $scope): ?Place
    {
        $bindings = $keymap->bindings()->ofCommand($command);
        $known = $keymap->application->command($command);
        $now = $bindings[0] ?? null;
        if ($now === null && ($known->is(CommandTrait::MenuOnly) || $known->is(CommandTrait::CanBeHeld) || in_array(IntentTrait::Momentary, $intent->traits, true))) {
            return null;
        }
        $left = match (true) {
            $scope->leaves($keymap->application->id, $command) => 'It is not to be touched.',
            $now === null => null,
            $now->gesture === Gesture::Hold => 'It is held, and holds are not moved.',
            str_starts_with($keymap->seat->pressIds($now->chord)[0], '?') => 'Its chord cannot be pressed at this keyboard.',
            default => null,
        };

        $further = array_values(array_filter(array_slice($bindings, 1), static fn (Binding $one): bool => $one->id() !== $now?->id()));

        return new Place($keymap, $intent, $command, $now->context ?? $known->home, $now, $further, $weight, $left);
    }

    /**
     * Two places on one press whose contexts meet are layered on purpose: neither is moved.
     *
     * @param  list<Place>  $places
     * @return list<Place>
     */
    private static function leavingLayers(LoadedKeymap $keymap, array $places): array
    {
        $byPress = [];
        foreach ($places as $place) {
            if ($place->now !== null) {
                $byPress[$keymap->seat->pressIds($place->now->chord)[0]][] = $place->now;
            }
        }

        return array_map(static function (Place $place) use ($keymap, $byPress): Place {
            $now = $place->now;
            if ($now === null || $place->left !== null) {
                return $place;
            }
            $layered = array_filter($byPress[$keymap->seat->pressIds($now->chord)[0]], static fn (Binding $other): bool => $other->context !== $now->context
                && $keymap->application->contexts->depth($other->context) !== $keymap->application->contexts->depth($now->context)
                && $keymap->application->contexts->overlap($other->context, $now->context));
            $left = $layered === [] ? null : "It shares its chord with {$keymap->application->commandName(reset($layered)->command)} in another context on purpose.";

            return new Place($place->keymap, $place->intent, $place->command, $place->context, $now, $place->further, $place->weight, $left);
        }, $places);
    }
}
