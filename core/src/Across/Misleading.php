<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Keyboard\Press;

/**
 * The false friends of one person: a chord misleads them where something that they use gives it another meaning, be it that they expect
 * that one here, or that this one would be expected there. What they never use misleads nobody.
 */
final readonly class Misleading
{
    /** @param  array<string, true>  $found  by press, application and command */
    private function __construct(private array $found)
    {
    }

    /**
     * @param  list<FalseFriend>  $friends  of the applications that they work in
     * @param  callable(string, string): bool  $uses  whether they use a command of an application
     */
    public static function for(array $friends, callable $uses): self
    {
        $isUsed = static fn (FriendSide $side): bool => $uses($side->application->id, $side->command->id);
        $found = [];
        foreach ($friends as $friend) {
            if (array_filter($friend->expected, $isUsed) !== []) {
                $found[self::name($friend->press->id, $friend->instead->application->id, $friend->instead->command->id)] = true;
            }
            foreach ($isUsed($friend->instead) ? $friend->expected : [] as $side) {
                $found[self::name($friend->press->id, $side->application->id, $side->command->id)] = true;
            }
        }

        return new self($found);
    }

    public function has(Press $press, string $application, string $command): bool
    {
        return isset($this->found[self::name($press->id, $application, $command)]);
    }

    private static function name(string $press, string $application, string $command): string
    {
        return "{$press} {$application} {$command}";
    }
}
