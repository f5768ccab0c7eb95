<?php

declare(strict_types=1);

namespace App\Library;

/** Somewhere applications come from. */
interface Shelf
{
    /** @return array<string, string> for each application, by id and in their order, what changes when its data does */
    public function stamps(): array;

    /** @return list<string> those that are not offered any more; what was made with them goes on working */
    public function putAway(): array;

    /** @throws LibraryRefused when what is there cannot be read at all */
    public function data(string $id): ApplicationData;
}
