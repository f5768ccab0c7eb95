<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\File;
use Throwable;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Reach\ReservedChords;

/** Boards, layouts and what systems reserve, from boards/. A file that cannot be read is told at its place, and the others are used. */
final class Keyboards
{
    public const DEFAULT_BOARD = 'full-ansi';

    public const DEFAULT_LAYOUT = 'us';

    public const DEFAULT_SYSTEM = System::MacOs;

    /** @var array<string, Board> those that were asked for, by id and system */
    private array $boards = [];

    /** @var array<string, Layout> those that were asked for, by id and system */
    private array $layouts = [];

    private ?ReservedChords $reserved = null;

    /** @var array<string, string>|null */
    private ?array $broken = null;

    public function __construct(private readonly string $root, private readonly CompiledData $compiled)
    {
    }

    public function seat(string $board, string $layout, System $system): Seat
    {
        return new Seat($this->board($board, $system), $this->layout($layout, $system), $system);
    }

    /** Another one whenever the board, the layout, or what the system reserves is another. */
    public function stamp(Seat $seat): string
    {
        $files = ["boards/{$seat->board->id}.json", "boards/layouts/{$seat->layout->id}.json", 'boards/reserved.json'];
        $paths = array_map(fn (string $file): string => "{$this->root}/{$file}", $files);

        return "{$seat->system->value} ".CompiledData::stamp($paths);
    }

    /** @throws LibraryRefused */
    public function board(string $id, System $system): Board
    {
        $this->requireWhole("boards/{$id}.json");

        return $this->boards["{$id} {$system->value}"] ??= Board::fromData($this->decode("{$this->root}/boards/{$id}.json"), $system);
    }

    /** @throws LibraryRefused */
    public function layout(string $id, System $system = System::Linux): Layout
    {
        $this->requireWhole("boards/layouts/{$id}.json");

        return $this->layouts["{$id} {$system->value}"] ??= Layout::fromData(
            $this->decode("{$this->root}/boards/layouts/{$id}.json"),
            $system,
        );
    }

    /** Its id where it cannot be read. */
    public function nameOfBoard(string $id, System $system): string
    {
        return isset($this->broken()["boards/{$id}.json"]) ? $id : $this->board($id, $system)->name;
    }

    /** Its id where it cannot be read. */
    public function nameOfLayout(string $id): string
    {
        return isset($this->broken()["boards/layouts/{$id}.json"]) ? $id : $this->layout($id)->name;
    }

    public function reserved(): ReservedChords
    {
        return $this->reserved ??= ReservedChords::fromData($this->decode("{$this->root}/boards/reserved.json")['reserved']);
    }

    /** @return list<string> without those that are broken */
    public function boardIds(): array
    {
        $isWhole = fn (string $id): bool => ! isset($this->broken()["boards/{$id}.json"]);

        return $this->compiled->lately(
            "boards {$this->root}",
            fn (): array => array_values(array_filter($this->names('boards/*-*.json'), $isWhole)),
        );
    }

    /** @return list<string> in the order in which they are offered */
    public function layoutIds(): array
    {
        $isWhole = fn (string $id): bool => ! isset($this->broken()["boards/layouts/{$id}.json"]);

        return $this->compiled->lately(
            "layouts {$this->root}",
            fn (): array => array_values(
                array_filter(array_column($this->decode("{$this->root}/boards/layouts/sources.json")['layouts'], 'id'), $isWhole),
            ),
        );
    }

    /** @return array<string, string> boards and layouts that cannot be read, by file, with what is wrong */
    public function broken(): array
    {
        return $this->broken ??= $this->compiled->keyed(
            'keyboards',
            $this->compiled->lately(
                "keyboards {$this->root}",
                fn (): string => CompiledData::stamp(array_values(File::glob("{$this->root}/boards/{*-*,layouts/*}.json", GLOB_BRACE))),
            ),
            function (): array {
                $broken = [];
                $read = [
                    'boards/*-*.json' => fn (string $path): Board => Board::fromData($this->decode($path), System::Linux),
                    'boards/layouts/*.json' => fn (string $path): Layout => Layout::fromData($this->decode($path), System::Linux),
                ];
                foreach ($read as $pattern => $make) {
                    foreach ($this->names($pattern) as $name) {
                        $file = dirname($pattern)."/{$name}.json";
                        try {
                            $name === 'sources' || $make("{$this->root}/{$file}");
                        } catch (Throwable $error) {
                            $broken[$file] = $error->getMessage();
                        }
                    }
                }

                return $broken;
            },
        );
    }

    private function requireWhole(string $file): void
    {
        $broken = $this->broken()[$file] ?? null;
        if ($broken !== null) {
            throw LibraryRefused::brokenBefore(
                "The file {$file} cannot be read: {$broken}",
                'Put it back as it came with the product.',
                $file,
            );
        }
    }

    /** @return list<string> */
    private function names(string $pattern): array
    {
        $paths = array_values(File::glob("{$this->root}/{$pattern}"));

        return array_map(static fn (string $path): string => basename($path, '.json'), $paths);
    }

    private function decode(string $path): mixed
    {
        return json_decode(File::get($path), true, 64, JSON_THROW_ON_ERROR);
    }
}
