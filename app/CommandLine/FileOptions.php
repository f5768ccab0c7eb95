<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/** What commands that read files have in common: the keyboard, and reading without a database. */
trait FileOptions
{
    /** @throws BadFile */
    private function seat(Library $library): Seat
    {
        $system = System::tryFrom($this->text('system')) ?? throw BadFile::option('system', array_column(System::cases(), 'value'));
        $board = in_array($this->text('board'), $library->keyboards->boardIds(), true)
            ? $this->text('board')
            : throw BadFile::option('board', $library->keyboards->boardIds());
        $layout = in_array($this->text('layout'), $library->keyboards->layoutIds(), true)
            ? $this->text('layout')
            : throw BadFile::option('layout', $library->keyboards->layoutIds());

        return $library->keyboards->seat($board, $layout, $system);
    }

    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }

    private function printJson(mixed $data): void
    {
        $this->line(json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
    }
}
