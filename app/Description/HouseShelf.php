<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\ApplicationData;
use App\Library\BrokenData;
use App\Library\Shelf;
use App\Models\ApplicationState;
use App\Models\HouseApplication;
use Illuminate\Database\QueryException;

/** The applications that the house brought and uses. */
final readonly class HouseShelf implements Shelf
{
    public function stamps(): array
    {
        try {
            $rows = HouseApplication::query()
                ->where('state', ApplicationState::InUse)
                ->orderBy('name')
                ->get(['slug', 'digest']);
        } catch (QueryException $error) {
            // Commands that read files work without a database; the applications that come with the product are enough for them.
            if (app()->runningInConsole() && ! app()->runningUnitTests()) {
                return [];
            }
            throw $error;
        }
        $stamps = [];
        foreach ($rows as $row) {
            $stamps[$row->slug] = $row->digest;
        }

        return $stamps;
    }

    public function data(string $id): ApplicationData
    {
        $row = HouseApplication::query()->where('slug', $id)->first() ?? throw BrokenData::missing($id);

        return new ApplicationData($id, $row->catalogue, $row->dialect, $row->factory(), $row->matches);
    }
}
