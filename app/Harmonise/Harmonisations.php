<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Models\Kit;
use Illuminate\Database\Eloquent\Builder;
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
            $this->end(Harmonisation::query()->where('kit_id', $kit->id));
            $newest = Harmonisation::query()->where('kit_id', $kit->id)->orderByDesc('id')->limit(self::MOST_STORED)->pluck('id');
            Harmonisation::query()->where('kit_id', $kit->id)->whereNotIn('id', $newest)->delete();

            return Harmonisation::query()->create(
                ['kit_id' => $kit->id, 'state' => HarmonisationState::Waiting, 'is_cancelled' => false, 'request' => $wanted],
            );
        });
        HarmoniseKit::dispatch($harmonisation);

        return $harmonisation->refresh();
    }

    /** What was found so far stays. */
    public function cancel(Harmonisation $harmonisation): Harmonisation
    {
        $this->end(Harmonisation::query()->whereKey($harmonisation->id));

        return $harmonisation->refresh();
    }

    /** How many searches are before one that waits; null for one that has begun. */
    public function ahead(Harmonisation $harmonisation): ?int
    {
        return $harmonisation->state === HarmonisationState::Waiting
            ? Harmonisation::query()
                ->whereIn('state', HarmonisationState::open())
                ->where('is_cancelled', false)
                ->where('id', '<', $harmonisation->id)
                ->count()
            : null;
    }

    /**
     * What waits is over at once; what runs ends when its worker looks next, in less than a second.
     *
     * @param  Builder<Harmonisation>  $which
     */
    private function end(Builder $which): void
    {
        (clone $which)
            ->where('state', HarmonisationState::Waiting)
            ->update(['state' => HarmonisationState::Cancelled, 'is_cancelled' => true]);
        $which->where('state', HarmonisationState::Running)->update(['is_cancelled' => true]);
    }

    /** @throws HarmoniseRefused */
    public function instance(Harmonisation $harmonisation): Instance
    {
        $packed = $harmonisation->instance ?? throw HarmoniseRefused::noResult();

        return Instance::fromData(json_decode((string) gzdecode((string) base64_decode($packed, true)), true, 16, JSON_THROW_ON_ERROR));
    }

    public static function pack(Instance $instance): string
    {
        return base64_encode((string) gzencode(json_encode($instance->toData(), JSON_THROW_ON_ERROR)));
    }
}
