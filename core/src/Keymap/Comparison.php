<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/** Two keymaps compared by meaning: command by command, whatever the order of their lines. */
final readonly class Comparison
{
    /** @param  list<CommandDifference>  $differences  in the order in which the commands first stand in either keymap */
    private function __construct(public array $differences)
    {
    }

    public static function between(Bindings $from, Bindings $to): self
    {
        $change = Change::between($from, $to);
        $sides = [];
        foreach (['before' => $change->removed, 'after' => $change->added] as $side => $bindings) {
            foreach ($bindings as $binding) {
                $key = "{$binding->context} {$binding->command}";
                $sides[$key] ??= ['before' => [], 'after' => []];
                $sides[$key][$side][] = $binding;
            }
        }

        return new self(
            array_values(
                array_map(static function (array $side): CommandDifference {
                    $any = [...$side['before'], ...$side['after']][0];

                    return new CommandDifference($any->command, $any->context, $side['before'], $side['after']);
                }, $sides),
            ),
        );
    }

    /** Only what concerns one context, one command, or both; null for all. */
    public function only(?string $context, ?string $command): self
    {
        return new self(
            array_values(
                array_filter(
                    $this->differences,
                    static fn (CommandDifference $one): bool => ($context === null || $one->context === $context) &&
                        ($command === null || $one->command === $command),
                ),
            ),
        );
    }

    public function change(): Change
    {
        return array_reduce(
            $this->differences,
            static fn (Change $all, CommandDifference $one): Change => $all->removing(...$one->before)->adding(...$one->after),
            Change::none(),
        );
    }
}
