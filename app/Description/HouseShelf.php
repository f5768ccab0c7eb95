<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\ApplicationData;
use App\Library\LibraryRefused;
use App\Library\Shelf;
use Illuminate\Database\QueryException;

/** The applications that the house brought and uses, or has used. */
final class HouseShelf implements Shelf
{
    /** @var array<string, array{string, ApplicationState}>|null digest and state by id, those that are put away last */
    private ?array $rows = null;

    public function stamps(): array
    {
        // Asked for anew whenever the library is; what is put away is told from these.
        $this->rows = $this->read();

        return array_map(static fn (array $row): string => $row[0], $this->rows);
    }

    public function putAway(): array
    {
        $away = array_filter($this->rows ?? $this->read(), static fn (array $row): bool => $row[1] === ApplicationState::PutAway);

        return array_map(strval(...), array_keys($away));
    }

    /** @return array<string, array{string, ApplicationState}> */
    private function read(): array
    {
        try {
            $rows = HouseApplication::query()
                ->whereIn('state', [ApplicationState::InUse, ApplicationState::PutAway])
                ->orderBy('name')
                ->get(['slug', 'digest', 'state']);
        } catch (QueryException $error) {
            // Commands that read files work without a database; the applications that come with the product are enough for them.
            if (app()->runningInConsole() && ! app()->runningUnitTests()) {
                return [];
            }
            throw $error;
        }
        $read = [];
        foreach ($rows as $row) {
            $read[$row->slug] = [$row->digest, $row->state];
        }

        return $read;
    }

    public function data(string $id): ApplicationData
    {
        $row = HouseApplication::query()->where('slug', $id)->first() ?? throw LibraryRefused::missing($id);

        return new ApplicationData($id, $row->catalogue, $row->dialect, $row->factory(), $row->matches);
    }
}
