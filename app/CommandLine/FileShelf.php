<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Description\ApplicationFile;
use App\Description\ApplicationRefused;
use App\Library\ApplicationData;
use App\Library\Shelf;

/** One application that was saved as a file: for whoever works without a house. */
final readonly class FileShelf implements Shelf
{
    private function __construct(private ApplicationData $data, private string $stamp)
    {
    }

    /** @throws ApplicationRefused */
    public static function of(string $bytes): self
    {
        return new self(ApplicationFile::read($bytes)['data'], hash('xxh128', $bytes));
    }

    public function stamps(): array
    {
        return [$this->data->id => $this->stamp];
    }

    public function putAway(): array
    {
        return [];
    }

    public function data(string $id): ApplicationData
    {
        return $this->data;
    }
}
