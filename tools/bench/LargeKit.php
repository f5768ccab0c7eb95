<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Tests\World;

/** Large applications and keymaps for measurements, the same at every call. */
final readonly class LargeKit
{
    private const CONTEXTS = 30;

    /** 30 contexts in a tree three deep, some of which coexist; the commands of a shipped application. */
    public static function application(int $number): Application
    {
        $contexts = [new Context('everywhere', 'Everywhere', null)];
        for ($at = 1; $at < self::CONTEXTS; $at++) {
            $parent = $at < 6 ? 'everywhere' : 'c'.intdiv($at, 5);
            $contexts[] = new Context("c{$at}", "Context {$at}", $parent, $at % 11 === 0, $at === 2 ? ['c3'] : []);
        }

        return Application::of(
            "large-{$number}",
            "Large {$number}",
            'measuring',
            ContextTree::of(...$contexts),
            Precedence::DeeperFirst,
            LoadingRule::LastLineWins,
            'none',
            Commands::of(
                array_map(
                    static fn (Command $one): Command => new Command(
                        $one->id,
                        $one->name,
                        $one->menu,
                        $one->tooltip,
                        'everywhere',
                        $one->traits,
                    ),
                    World::cutloom()->commands(),
                ),
            ),
        );
    }

    public static function bindings(Application $application, int $count, int $seed = 5): Bindings
    {
        mt_srand($seed);
        $keys = array_values(array_filter(Key::cases(), static fn (Key $key): bool => ! $key->isOnlyHeld() && World::board()->has($key)));
        $held = [Modifier::Shift, Modifier::Alt, Modifier::Primary, Modifier::Control];
        $contexts = $application->contexts->all();
        $commands = $application->commands();
        $bindings = [];
        for ($made = 0; $made < $count; $made++) {
            $modifiers = array_filter($held, static fn (): bool => mt_rand(0, 1) === 0);
            $bindings[] = new Binding(
                Chord::of($keys[mt_rand(0, count($keys) - 1)], ...$modifiers),
                $commands[mt_rand(0, count($commands) - 1)]->id,
                $contexts[mt_rand(0, count($contexts) - 1)]->id,
            );
        }

        return Bindings::of(...$bindings);
    }
}
