<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Clash;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Tests\World;

/** Small keymaps of made-up applications: random trees, precedence and loading rules, coexisting and text contexts, gestures. */
final readonly class RandomKits
{
    private const CHORDS = ['KeyA', 'KeyB', 'Primary+KeyA', 'Meta+Tab'];

    /** The same keymap for the same number. */
    public static function keymap(int $number, int $mostBindings = 12): LoadedKeymap
    {
        mt_srand($number);
        $contexts = self::contexts();
        $commands = array_map(
            static fn (int $id): Command => new Command(
                "c{$id}",
                "Command {$id}",
                [],
                'Does it',
                'everywhere',
                array_values(
                    array_filter([
                        mt_rand(0, 2) === 0 ? CommandTrait::Repeats : null,
                        mt_rand(0, 2) === 0 ? CommandTrait::CanBeHeld : null,
                    ]),
                ),
            ),
            range(0, 5),
        );
        $application = Application::of(
            "made-{$number}",
            'Made',
            'tests',
            ContextTree::of(...$contexts),
            mt_rand(0, 2) === 0 ? Precedence::EverywhereFirst : Precedence::DeeperFirst,
            LoadingRule::cases()[mt_rand(0, 2)],
            'none',
            Commands::of($commands),
            mt_rand(0, 1) === 0,
            everywhereFirstFor: mt_rand(0, 1) === 0 ? ['c1', 'c2'] : [],
        );
        $bindings = [];
        for ($left = mt_rand(2, $mostBindings); $left > 0; $left--) {
            $bindings[] = new Binding(
                Chord::parse(self::CHORDS[mt_rand(0, 3)]),
                'c'.mt_rand(0, 5),
                $contexts[mt_rand(0, count($contexts) - 1)]->id,
                mt_rand(0, 3) === 0 ? Gesture::Hold : Gesture::Tap,
            );
        }

        return new LoadedKeymap($application, Bindings::of(...$bindings), World::seat());
    }

    /** @return non-empty-list<Context> */
    private static function contexts(): array
    {
        $contexts = [new Context('everywhere', 'Everywhere', null)];
        for ($number = 1; $number <= mt_rand(2, 7); $number++) {
            $parent = $contexts[mt_rand(0, count($contexts) - 1)]->id;
            $siblings = array_values(array_filter($contexts, static fn (Context $one): bool => $one->parent === $parent));
            $coexists = $siblings !== [] && mt_rand(0, 2) === 0 ? [$siblings[mt_rand(0, count($siblings) - 1)]->id] : [];
            $contexts[] = new Context("x{$number}", "Place {$number}", $parent, mt_rand(0, 6) === 0, $coexists);
        }

        return $contexts;
    }
}
