<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** What an application can do. */
final readonly class Command
{
    /**
     * @param  list<string>  $menu  menu titles from the bar down to the item; empty when no menu has it
     * @param  string  $home  id of the context in which the command does something
     * @param  list<CommandTrait>  $traits
     * @param  string|null  $written  what the key file calls it; null where it uses the id
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $menu,
        public string $tooltip,
        public string $home,
        public array $traits = [],
        public ?string $written = null,
    ) {
    }

    public function is(CommandTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }
}
