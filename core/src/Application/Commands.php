<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/**
 * The commands of one application. Each is made when it is first asked for: most questions are about a few of them, and
 * a catalogue may have thousands.
 *
 * @phpstan-import-type CommandData from CatalogueReader
 */
final class Commands
{
    /** @var array<string, string>|null ids by what the key file calls them, where that is something else */
    private ?array $byWritten = null;

    /**
     * @param  array<string, Command>  $made  by id
     * @param  array<string, CommandData>  $data  by id, in the order of the catalogue; empty when all are made
     */
    private function __construct(private array $made, private readonly array $data)
    {
    }

    /**
     * @param  list<Command>  $commands
     *
     * @throws InvalidCatalogue when two share an id
     */
    public static function of(array $commands): self
    {
        return new self(self::byId($commands, static fn (Command $one): string => $one->id), []);
    }

    /**
     * @param  list<CommandData>  $data
     *
     * @throws InvalidCatalogue when two share an id
     */
    public static function fromData(array $data): self
    {
        return new self([], self::byId($data, static fn (array $one): string => $one['id']));
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @param  callable(T): string  $id
     * @return array<string, T>
     */
    private static function byId(array $all, callable $id): array
    {
        $byId = [];
        foreach ($all as $command) {
            if (isset($byId[$id($command)])) {
                throw InvalidCatalogue::commandTwice($id($command));
            }
            $byId[$id($command)] = $command;
        }

        return $byId;
    }

    public function get(string $id): ?Command
    {
        return $this->made[$id] ?? (isset($this->data[$id]) ? ($this->made[$id] = self::make($this->data[$id])) : null);
    }

    public function name(string $id): ?string
    {
        return isset($this->data[$id]) ? $this->data[$id]['name'] : ($this->made[$id] ?? null)?->name;
    }

    /** The command that the key file means by a word; a word that nobody described is taken for the command itself. */
    public function written(string $word): string
    {
        if ($this->byWritten === null) {
            $this->byWritten = [];
            foreach ($this->data as $id => $command) {
                if (isset($command['written'])) {
                    $this->byWritten[$command['written']] ??= (string) $id;
                }
            }
            foreach ($this->made as $id => $command) {
                if ($command->written !== null) {
                    $this->byWritten[$command->written] ??= (string) $id;
                }
            }
        }

        return $this->byWritten[$word] ?? $word;
    }

    /** What the key file calls a command. */
    public function word(string $id): string
    {
        return isset($this->data[$id]) ? $this->data[$id]['written'] ?? $id : ($this->made[$id] ?? null)->written ?? $id;
    }

    /** @return list<Command> in the order of the catalogue */
    public function all(): array
    {
        return $this->data === []
            ? array_values($this->made)
            : array_map(fn (array $one): Command => ($this->made[$one['id']] ??= self::make($one)), array_values($this->data));
    }

    /** @return list<string> ids of the contexts in which they are at home, each once */
    public function homes(): array
    {
        return array_values(
            array_unique(
                $this->data === []
                    ? array_map(static fn (Command $one): string => $one->home, array_values($this->made))
                    : array_column($this->data, 'context'),
            ),
        );
    }

    /** @param  CommandData  $data */
    private static function make(array $data): Command
    {
        return new Command(
            $data['id'],
            $data['name'],
            $data['menu'] ?? [],
            $data['tooltip'],
            $data['context'],
            array_map(CommandTrait::from(...), $data['traits'] ?? []),
            $data['written'] ?? null,
        );
    }
}
