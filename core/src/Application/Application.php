<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** A program as its catalogue describes it: commands, contexts, precedence, loading rule, dialect. */
final readonly class Application
{
    /** @param  array<string, Command>  $commands by id, in the order of the catalogue */
    private function __construct(
        public string $id,
        public string $name,
        public string $purpose,
        public ContextTree $contexts,
        public Precedence $precedence,
        public LoadingRule $loading,
        public string $dialect,
        private array $commands,
    ) {
    }

    /**
     * @throws InvalidCatalogue when two commands share an id
     * @throws UnknownContext when a command's home is not in the tree
     */
    public static function of(
        string $id,
        string $name,
        string $purpose,
        ContextTree $contexts,
        Precedence $precedence,
        LoadingRule $loading,
        string $dialect,
        Command ...$commands,
    ): self {
        $byId = [];
        foreach ($commands as $command) {
            if (isset($byId[$command->id])) {
                throw InvalidCatalogue::commandTwice($command->id);
            }
            $contexts->get($command->home);
            $byId[$command->id] = $command;
        }

        return new self($id, $name, $purpose, $contexts, $precedence, $loading, $dialect, $byId);
    }

    /** @return list<Command> in the order of the catalogue */
    public function commands(): array
    {
        return array_values($this->commands);
    }

    public function knows(string $command): bool
    {
        return isset($this->commands[$command]);
    }

    /** @throws UnknownCommand */
    public function command(string $id): Command
    {
        return $this->commands[$id] ?? throw UnknownCommand::named($id, $this->name);
    }

    /** What to call a command in a sentence; an id that the catalogue lacks is called by itself. */
    public function commandName(string $id): string
    {
        return isset($this->commands[$id]) ? $this->commands[$id]->name : $id;
    }
}
