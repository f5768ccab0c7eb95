<?php

declare(strict_types=1);

namespace App\Usage;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Usage\UsageLog;

/** Writes people's usage logs: one each, added up over its days. */
final readonly class UsageLogs
{
    /**
     * Takes the place of the log that was there.
     *
     * @throws \Zebrafinch\Core\Usage\UnreadableUsage with nothing changed
     */
    public function replace(User $user, string $name, string $csv): void
    {
        $log = UsageLog::fromCsv($csv);
        $values = ['name' => $name, 'days' => $log->days, 'uses' => $log->toData()];
        DB::transaction(fn () => $user->kit->usage()->updateOrCreate([], $values));
    }

    public function forget(User $user): void
    {
        DB::transaction(fn () => $user->kit->usage()->delete());
    }
}
