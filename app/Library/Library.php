<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\File;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Intent\SearchIndex;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Reach\ReservedChords;

/** Hands the shipped data (catalogues/, boards/) to the core. One instance serves one process. */
final class Library
{
    public const DEFAULT_BOARD = 'full-ansi';

    public const DEFAULT_LAYOUT = 'us';

    /** @var array<string, Application>|null */
    private ?array $applications = null;

    private ?Vocabulary $vocabulary = null;

    public function __construct(private readonly string $root, private readonly Dialects $dialects, private readonly Kept $kept)
    {
    }

    /** @return array<string, Application> by id, in alphabetical order */
    public function applications(): array
    {
        if ($this->applications === null) {
            $this->applications = [];
            foreach (File::glob("{$this->root}/catalogues/*/catalogue.json") as $path) {
                $application = (new CatalogueReader)->application($this->decode($path));
                $this->applications[$application->id] = $application;
            }
        }

        return $this->applications;
    }

    /** @throws UnknownApplication */
    public function application(string $id): Application
    {
        return $this->applications()[$id] ?? throw UnknownApplication::named($id, array_keys($this->applications()));
    }

    public function dialect(Application $application): Dialect
    {
        return $this->dialects->for($application);
    }

    /** The key file that the application comes with. */
    public function factoryBytes(Application $application): string
    {
        return File::get(array_first(File::glob("{$this->root}/catalogues/{$application->id}/factory.*")));
    }

    public function factory(Application $application): KeyFile
    {
        return $this->dialect($application)->read($this->factoryBytes($application), $application);
    }

    public function vocabulary(): Vocabulary
    {
        if ($this->vocabulary === null) {
            $matches = [];
            foreach (array_keys($this->applications()) as $id) {
                $path = "{$this->root}/catalogues/{$id}/matches.json";
                $matches[$id] = File::exists($path) ? $this->decode($path)['matches'] : [];
            }
            $this->vocabulary = Vocabulary::fromData($this->decode("{$this->root}/catalogues/intents.json")['intents'], $matches);
        }

        return $this->vocabulary;
    }

    public function seat(string $board, string $layout, System $system): Seat
    {
        return new Seat($this->board($board, $system), $this->layout($layout), $system);
    }

    public function board(string $id, System $system): Board
    {
        return Board::fromData($this->decode("{$this->root}/boards/{$id}.json"), $system);
    }

    public function layout(string $id): Layout
    {
        return Layout::fromData($this->decode("{$this->root}/boards/layouts/{$id}.json"));
    }

    public function reserved(): ReservedChords
    {
        return ReservedChords::fromData($this->decode("{$this->root}/boards/reserved.json")['reserved']);
    }

    public function search(): Search
    {
        $make = fn (): array => SearchIndex::of(array_values($this->applications()), $this->vocabulary())->toData();

        return new Search(SearchIndex::fromData($this->kept->array('search', array_values(File::glob("{$this->root}/catalogues/{*,*/*}.json", GLOB_BRACE)), $make)));
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
        return array_values(array_map(static fn (string $path): string => basename($path, '.json'), File::glob("{$this->root}/{$pattern}")));
    }

    private function decode(string $path): mixed
    {
        return json_decode(File::get($path), true, 64, JSON_THROW_ON_ERROR);
    }
}
