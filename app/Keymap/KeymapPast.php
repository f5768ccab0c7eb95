<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\Keymap;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;

/** What a keymap was at any version. {@see KeymapStore} writes down what each write changed. */
final readonly class KeymapPast
{
    public function __construct(private Followers $followers)
    {
    }

    public function at(Keymap $keymap, int $version): Bindings
    {
        $writes = DB::table('keymap_writes')
            ->where('keymap_id', $keymap->id)
            ->where('version', '>', $version)
            ->orderBy('version')
            ->pluck('change', 'version')
            ->map(static fn (string $change): Change => Change::fromData(json_decode($change, true, 16, JSON_THROW_ON_ERROR)))
            ->all();

        return $this->followers->historyOf($keymap)->at($version, $writes);
    }

    /** @return int|null the version that it had at a moment; null where it has not been written since */
    public function versionAt(Keymap $keymap, Carbon $moment): ?int
    {
        $next = DB::table('keymap_writes')->where('keymap_id', $keymap->id)->where('created_at', '>', $moment)->min('version');

        return $next === null ? null : (int) $next - 1;
    }
}
