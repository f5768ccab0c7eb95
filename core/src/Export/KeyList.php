<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;

/** The chords of one keymap as people read them: every command once in each context that has a chord for it. */
final readonly class KeyList
{
    /** @param  list<ListGroup>  $groups */
    private function __construct(public string $application, public string $keymap, public Grouping $grouping, public array $groups)
    {
    }

    /**
     * @param  string  $called  the name of the keymap
     * @param  bool  $withUnbound  whether commands without a chord stand there too, in their home
     * @param  list<string>|null  $only  ids of the commands that are wanted; null for all
     */
    public static function of(
        LoadedKeymap $keymap,
        string $called,
        Grouping $grouping,
        bool $withUnbound = false,
        ?array $only = null,
    ): self {
        $wanted = $only === null ? null : array_fill_keys($only, true);
        $groups = [];
        foreach (self::parts($keymap, $grouping, $withUnbound) as [$group, $command]) {
            if ($wanted === null || isset($wanted[$command->id])) {
                $groups[$group][] = $command;
            }
        }

        return new self(
            $keymap->application->name,
            $called,
            $grouping,
            array_map(
                static fn (string $name, array $commands): ListGroup => new ListGroup($name, $commands),
                array_map(strval(...), array_keys($groups)),
                array_values($groups),
            ),
        );
    }

    public function count(): int
    {
        return array_sum(array_map(static fn (ListGroup $group): int => count($group->commands), $this->groups));
    }

    /** @return iterable<array{string, ListedCommand}> each with the name of its group, in the order of the list */
    private static function parts(LoadedKeymap $keymap, Grouping $grouping, bool $withUnbound): iterable
    {
        return match ($grouping) {
            Grouping::Context => self::byContext($keymap, $withUnbound),
            Grouping::Menu => self::byMenu($keymap, $withUnbound),
            Grouping::Key => self::byKey($keymap),
        };
    }

    /** @return iterable<array{string, ListedCommand}> */
    private static function byContext(LoadedKeymap $keymap, bool $withUnbound): iterable
    {
        foreach ($keymap->application->contexts->all() as $context) {
            foreach (self::commandsIn($keymap, $context, $withUnbound) as $command) {
                yield [$context->name, $command];
            }
        }
    }

    /** @return iterable<array{string, ListedCommand}> in the order of the catalogue's menus; what stands in none comes last */
    private static function byMenu(LoadedKeymap $keymap, bool $withUnbound): iterable
    {
        $listed = [];
        foreach ($keymap->application->contexts->all() as $context) {
            foreach (self::commandsIn($keymap, $context, $withUnbound) as $command) {
                $listed[$command->id][] = $command;
            }
        }
        $menus = [];
        foreach ($keymap->application->commands() as $command) {
            $menus[self::menu($command)][] = $command->id;
        }
        uksort($menus, static fn (string $one, string $other): int => ($one === '') <=> ($other === ''));
        foreach ($menus as $menu => $ids) {
            foreach ($ids as $id) {
                foreach ($listed[$id] ?? [] as $command) {
                    yield [$menu === '' ? 'In no menu' : $menu, $command];
                }
            }
        }
    }

    /** @return iterable<array{string, ListedCommand}> what no key of the board makes comes last */
    private static function byKey(LoadedKeymap $keymap): iterable
    {
        $seat = $keymap->seat;
        $ranks = [];
        foreach ($seat->board->keys() as $number => $placed) {
            $ranks[$placed->key->value] = $number;
        }
        $layers = [];
        foreach ($keymap->bindings()->all() as $binding) {
            $made = $seat->press($binding->chord)->made;
            $layer = $made === null ? '' : implode(' ', array_slice($seat->printer()->caps($made), 0, -1));
            $group = match (true) {
                $made === null => 'Out of reach here',
                $layer === '' => 'No modifier',
                default => $layer,
            };
            $rank = $made === null ? 0 : $ranks[$made->key->value ?? ''] ?? PHP_INT_MAX;
            // A tap and a hold of one command on one key are one line.
            $one = "{$binding->chord->id()} {$binding->command} {$binding->context}";
            $layers[$group][$one] = [$rank, [...$layers[$group][$one][1] ?? [], $binding]];
        }
        uksort(
            $layers,
            static fn (string $one, string $other): int => [$one === 'Out of reach here', substr_count($one, ' '), $one] <=> [
                $other === 'Out of reach here',
                substr_count($other, ' '),
                $other,
            ],
        );
        // The plain layer first, however many words it is called by.
        $plain = array_intersect_key($layers, ['No modifier' => true]);
        foreach ($plain + $layers as $group => $found) {
            usort($found, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
            foreach ($found as [, $bindings]) {
                yield [$group, self::listed($keymap, $bindings[0]->command, self::contextOf($keymap, $bindings[0]), $bindings)];
            }
        }
    }

    /** @return iterable<ListedCommand> in the order of the catalogue, and then what the catalogue does not know */
    private static function commandsIn(LoadedKeymap $keymap, Context $context, bool $withUnbound): iterable
    {
        $bound = [];
        foreach ($keymap->bindings()->all() as $binding) {
            if ($binding->context === $context->id) {
                $bound[$binding->command][] = $binding;
            }
        }
        foreach ($keymap->application->commands() as $command) {
            $isUnbound = $withUnbound && $command->home === $context->id && $keymap->bindings()->ofCommand($command->id) === [];
            if (isset($bound[$command->id]) || $isUnbound) {
                yield self::listed($keymap, $command->id, $context->name, $bound[$command->id] ?? []);
            }
            unset($bound[$command->id]);
        }
        foreach ($bound as $id => $bindings) {
            yield self::listed($keymap, (string) $id, $context->name, $bindings);
        }
    }

    private static function contextOf(LoadedKeymap $keymap, Binding $binding): string
    {
        $contexts = $keymap->application->contexts;

        return $contexts->has($binding->context) ? $contexts->get($binding->context)->name : $binding->context;
    }

    /** @param  list<Binding>  $bindings  of the command */
    private static function listed(LoadedKeymap $keymap, string $id, string $context, array $bindings): ListedCommand
    {
        $application = $keymap->application;
        $printer = $keymap->seat->printer();
        $chords = static fn (Gesture $gesture): array => array_values(
            array_map(
                static fn (Binding $one): string => $printer->label($one->chord),
                array_filter($bindings, static fn (Binding $one): bool => $one->gesture === $gesture),
            ),
        );

        return new ListedCommand(
            $id,
            $application->commandName($id),
            $application->knows($id) ? self::menu($application->command($id)) : '',
            $context,
            $chords(Gesture::Tap),
            $chords(Gesture::Hold),
        );
    }

    /** The menu that has the command, without the command's own title. */
    private static function menu(Command $command): string
    {
        return implode(' › ', array_slice($command->menu, 0, -1));
    }
}
