<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** A program as its catalogue describes it: commands, contexts, precedence, loading rule, dialect. */
final readonly class Application
{
    /** @param  array<string, true>  $everywhereFirstFor  by command */
    private function __construct(
        public string $id,
        public string $name,
        public string $purpose,
        public ContextTree $contexts,
        public Precedence $precedence,
        public LoadingRule $loading,
        public string $dialect,
        private Commands $commands,
        public bool $tellsHold,
        public KeyNaming $naming,
        private array $everywhereFirstFor,
        public ?Spelling $spelling = null,
    ) {
    }

    /** The same, knowing what its key file can say; without, everything can be said. */
    public function spelledBy(Spelling $spelling): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->purpose,
            $this->contexts,
            $this->precedence,
            $this->loading,
            $this->dialect,
            $this->commands,
            $this->tellsHold,
            $this->naming,
            $this->everywhereFirstFor,
            $spelling,
        );
    }

    /**
     * @param  bool  $tellsHold  whether a tap and a hold of one chord can run two commands
     * @param  list<string>  $everywhereFirstFor  commands that get their chord from Everywhere even where a deeper context has it
     *
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
        Commands $commands,
        bool $tellsHold = false,
        KeyNaming $naming = KeyNaming::Position,
        array $everywhereFirstFor = [],
    ): self {
        array_map($contexts->get(...), $commands->homes());

        return new self(
            $id,
            $name,
            $purpose,
            $contexts,
            $precedence,
            $loading,
            $dialect,
            $commands,
            $tellsHold,
            $naming,
            array_fill_keys($everywhereFirstFor, true),
        );
    }

    /** Whether a binding in Everywhere gets its chord before deeper contexts are asked. */
    public function isAskedFirst(string $command): bool
    {
        return $this->precedence === Precedence::EverywhereFirst || isset($this->everywhereFirstFor[$command]);
    }

    /** @return list<Command> in the order of the catalogue */
    public function commands(): array
    {
        return $this->commands->all();
    }

    public function knows(string $command): bool
    {
        return $this->commands->name($command) !== null;
    }

    public function find(string $command): ?Command
    {
        return $this->commands->get($command);
    }

    /** @throws UnknownCommand */
    public function command(string $id): Command
    {
        return $this->commands->get($id) ?? throw UnknownCommand::named($id, $this->name);
    }

    /** The command that the key file means by a word; a word that nobody described is taken for the command itself. */
    public function commandWritten(string $word): string
    {
        return $this->commands->written($word);
    }

    /** The command that a usage log means by a word: its id, or what the key file calls it. */
    public function commandLogged(string $word): string
    {
        return $this->knows($word) ? $word : $this->commandWritten($word);
    }

    /** What the key file calls a command. */
    public function commandWord(string $id): string
    {
        return $this->commands->word($id);
    }

    /** What to call a command in a sentence; an id that the catalogue lacks is called by itself. */
    public function commandName(string $id): string
    {
        return $this->commands->name($id) ?? $id;
    }
}
