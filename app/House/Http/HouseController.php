<?php

declare(strict_types=1);

namespace App\House\Http;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\House;
use App\Problems\RequestRefused;
use App\Resources\JsonAnswer;
use Illuminate\Support\Facades\DB;

/** The house itself. */
final readonly class HouseController
{
    public function update(HouseRequest $request, Journal $journal): JsonAnswer
    {
        $house = DB::transaction(static function () use ($request, $journal): House {
            $house = House::query()->lockForUpdate()->firstOrFail();
            if ($house->version !== $request->integer('version')) {
                throw RequestRefused::stale('The name of the house');
            }
            $house->update(['name' => $request->validated('name'), 'version' => $house->version + 1]);
            $journal->note('house-named', Subject::house());

            return $house;
        });

        return new JsonAnswer(['name' => $house->name, 'is_demo' => $house->is_demo, 'version' => $house->version]);
    }
}
