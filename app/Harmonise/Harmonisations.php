<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Models\Harmonisation;
use App\Models\HarmonisationState;
use App\Models\Kit;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Harmonise\Solve\Instance;

/** Begins searches for common chords, ends them, and opens what they were made of. One runs for each kit at a time. */
final readonly class Harmonisations
{
    /** Older searches of a kit are forgotten. */
    private const MOST_STORED = 20;

    /** @param  array<string, mixed>  $wanted  as {@see Harmonisation} stores it */
    public function begin(Kit $kit, array $wanted): Harmonisation
    {
        $harmonisation = DB::transaction(function () use ($kit, $wanted): Harmonisation {
            $kit->harmonisations()
                ->whereIn('state', HarmonisationState::open())
                ->update(['is_cancelled' => true]);
            $newest = $kit->harmonisations()->orderByDesc('id')->limit(self::MOST_STORED)->pluck('id');
            $kit->harmonisations()->whereNotIn('id', $newest)->delete();

            return $kit->harmonisations()->create(['state' => HarmonisationState::Waiting, 'is_cancelled' => false, 'request' => $wanted]);
        });
        HarmoniseKit::dispatch($harmonisation);

        return $harmonisation->refresh();
    }

    /** What was found so far stays. */
    public function cancel(Harmonisation $harmonisation): Harmonisation
    {
        $harmonisation->update(['is_cancelled' => true]);

        return $harmonisation->refresh();
    }

    /** @throws NotReady */
    public function instance(Harmonisation $harmonisation): Instance
    {
        $packed = $harmonisation->instance ?? throw NotReady::toRead();

        return Instance::fromData(json_decode((string) gzdecode((string) base64_decode($packed, true)), true, 16, JSON_THROW_ON_ERROR));
    }

    public static function pack(Instance $instance): string
    {
        return base64_encode((string) gzencode(json_encode($instance->toData(), JSON_THROW_ON_ERROR)));
    }
}
