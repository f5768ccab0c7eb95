<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\File;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\DialectSpelling;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Intent\SearchIndex;
use Zebrafinch\Core\Intent\TradeWords;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\FileOrder;
use Zebrafinch\Core\Reach\ReservedChords;

/** Hands the shipped data (catalogues/, boards/) to the core. One instance serves one process. */
final class Library
{
    public const DEFAULT_BOARD = 'full-ansi';

    public const DEFAULT_LAYOUT = 'us';

    public const DEFAULT_SYSTEM = System::MacOs;

    /** @var array<string, Application> those that were asked for, by id */
    private array $applications = [];

    /** @var list<string>|null */
    private ?array $applicationIds = null;

    private ?Vocabulary $vocabulary = null;

    /** @var array<string, Board> those that were asked for, by id and system */
    private array $boards = [];

    /** @var array<string, Layout> those that were asked for, by id and system */
    private array $layouts = [];

    private ?ReservedChords $reserved = null;

    /** @var array<string, FileOrder> those that were asked for, by application and the digest of the file */
    private array $orders = [];

    public function __construct(
        private readonly string $root,
        private readonly Dialects $dialects,
        private readonly CompiledData $compiled,
    ) {
    }

    /** @return array<string, Application> by id, in the order in which they are listed */
    public function applications(): array
    {
        return array_combine($this->applicationIds(), array_map($this->application(...), $this->applicationIds()));
    }

    /**
     * One of the shipped applications, or the desktop over all of them.
     *
     * @throws UnknownApplication
     */
    public function application(string $id): Application
    {
        if ($id === DesktopCatalogue::ID) {
            return $this->applications[$id] ??= $this->spelled(DesktopCatalogue::of($this->applications()));
        }
        if (! isset($this->applications[$id])) {
            if (! in_array($id, $this->applicationIds(), true)) {
                throw UnknownApplication::named($id, $this->applicationIds());
            }
            $path = "{$this->root}/catalogues/{$id}/catalogue.json";
            $this->applications[$id] = $this->spelled(
                (new CatalogueReader())->application(
                    $this->compiled->array("catalogue-{$id}", [$path], fn (): array => $this->decode($path)),
                ),
            );
        }

        return $this->applications[$id];
    }

    /** What people call an application, whether it is one of those that are known here or not. */
    public function nameOf(string $id): string
    {
        return in_array($id, [...$this->applicationIds(), DesktopCatalogue::ID], true) ? $this->application($id)->name : ucfirst($id);
    }

    private function spelled(Application $application): Application
    {
        return $application->spelledBy(new DialectSpelling($this->dialect($application)));
    }

    /** @return list<string> in the order in which they are listed, without the desktop */
    public function applicationIds(): array
    {
        return $this->applicationIds ??= $this->inOrder(
            array_values(
                array_map(
                    static fn (string $path): string => basename(dirname($path)),
                    File::glob("{$this->root}/catalogues/*/catalogue.json"),
                ),
            ),
        );
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function inOrder(array $ids): array
    {
        $path = "{$this->root}/catalogues/order.json";
        $first = File::exists($path) ? array_values(array_intersect($this->decode($path)['order'], $ids)) : [];

        return [...$first, ...array_values(array_diff($ids, $first))];
    }

    public function dialect(Application $application): Dialect
    {
        return $this->dialects->for($application);
    }

    /** @throws \Zebrafinch\Core\Dialect\UnreadableKeyFile which says so where the file is one of another application */
    public function readFor(Application $application, string $bytes): KeyFile
    {
        return $this->dialects->readFor($application, $bytes, $this->applications());
    }

    /** The key file that the application comes with; the desktop comes with an empty store. */
    public function factoryBytes(Application $application): string
    {
        return $application->id === DesktopCatalogue::ID
            ? $this->dialect($application)->blank($application)
            : File::get($this->factoryPath($application));
    }

    public function factoryBindings(Application $application): Bindings
    {
        if ($application->id === DesktopCatalogue::ID) {
            return Bindings::of()->inOrderOf(fn (): FileOrder => $this->fileOrder($application, $this->factoryBytes($application)));
        }

        $bindings = Bindings::fromData(
            $this->compiled->array(
                "factory-{$application->id}",
                [$this->factoryPath($application), "{$this->root}/catalogues/{$application->id}/catalogue.json"],
                fn (): array => $this->dialect($application)->read($this->factoryBytes($application), $application)->bindings()->toData(),
            ),
        );

        return $bindings->inOrderOf(fn (): FileOrder => $this->fileOrder($application, $this->factoryBytes($application)));
    }

    /**
     * A key file that says these bindings.
     *
     * @param  string  $source  the file they came from; all in it that is no binding stays
     */
    public function keyFile(Application $application, Bindings $bindings, string $source): string
    {
        $dialect = $this->dialect($application);

        return (new KeyFileWriter($dialect))->write($dialect->read($source, $application), $bindings);
    }

    /** @param  string  $bytes  a key file of the application */
    public function fileOrder(Application $application, string $bytes): FileOrder
    {
        return $this->orders[$application->id.' '.hash('xxh128', $bytes)] ??= $this->dialect($application)
            ->read($bytes, $application)
            ->order();
    }

    private function factoryPath(Application $application): string
    {
        return array_first(File::glob("{$this->root}/catalogues/{$application->id}/factory.*"));
    }

    public function vocabulary(): Vocabulary
    {
        if ($this->vocabulary === null) {
            $matches = [];
            foreach ($this->applicationIds() as $id) {
                $path = "{$this->root}/catalogues/{$id}/matches.json";
                $matches[$id] = File::exists($path) ? $this->decode($path)['matches'] : [];
            }
            $this->vocabulary = Vocabulary::fromData($this->decode("{$this->root}/catalogues/intents.json")['intents'], $matches);
        }

        return $this->vocabulary;
    }

    public function tradeWords(): TradeWords
    {
        return TradeWords::fromData($this->decode("{$this->root}/catalogues/words.json"));
    }

    public function seat(string $board, string $layout, System $system): Seat
    {
        return new Seat($this->board($board, $system), $this->layout($layout, $system), $system);
    }

    public function board(string $id, System $system): Board
    {
        return $this->boards["{$id} {$system->value}"] ??= Board::fromData($this->decode("{$this->root}/boards/{$id}.json"), $system);
    }

    public function layout(string $id, System $system = System::Linux): Layout
    {
        return $this->layouts["{$id} {$system->value}"] ??= Layout::fromData(
            $this->decode("{$this->root}/boards/layouts/{$id}.json"),
            $system,
        );
    }

    public function reserved(): ReservedChords
    {
        return $this->reserved ??= ReservedChords::fromData($this->decode("{$this->root}/boards/reserved.json")['reserved']);
    }

    public function search(): Search
    {
        $make = fn (): array => SearchIndex::of(array_values($this->applications()), $this->vocabulary())->toData();

        return new Search(
            SearchIndex::fromData(
                $this->compiled->array(
                    'search',
                    [...array_values(File::glob("{$this->root}/catalogues/{*,*/*}.json", GLOB_BRACE))],
                    $make,
                ),
            ),
        );
    }

    /** The same by other words than the shipped ones. */
    public function searchBy(Vocabulary $vocabulary): Search
    {
        return new Search(SearchIndex::of(array_values($this->applications()), $vocabulary));
    }

    /** @return list<string> */
    public function boardIds(): array
    {
        return $this->names('boards/*-*.json');
    }

    /** @return list<string> in the order in which they are offered */
    public function layoutIds(): array
    {
        return array_column($this->decode("{$this->root}/boards/layouts/sources.json")['layouts'], 'id');
    }

    /** @return list<string> */
    private function names(string $pattern): array
    {
        return array_values(
            array_map(static fn (string $path): string => basename($path, '.json'), File::glob("{$this->root}/{$pattern}")),
        );
    }

    private function decode(string $path): mixed
    {
        return json_decode(File::get($path), true, 64, JSON_THROW_ON_ERROR);
    }
}
