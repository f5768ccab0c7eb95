<?php

declare(strict_types=1);

namespace App\Library;

/** Somewhere applications come from. */
interface Shelf
{
    /** @return array<string, string> for each application in use, by id and in their order, what changes when its data does */
    public function stamps(): array;

    /** @throws BrokenData when what is there cannot be read at all */
    public function data(string $id): ApplicationData;
}
