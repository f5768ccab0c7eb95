<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Models\User;

/** Who sits in a suite often. */
final readonly class Regulars
{
    private const MOST = 5;

    private const DAYS = 90;

    /** @return list<array{user: User, times: int}> who was there most often first */
    public function of(Suite $suite): array
    {
        $times = $suite
            ->sittings()
            ->where('started_at', '>', now()->subDays(self::DAYS))
            ->groupBy('user_id')
            ->orderByRaw('count(*) desc, user_id')
            ->limit(self::MOST)
            ->selectRaw('user_id, count(*) as times')
            ->pluck('times', 'user_id');
        $users = User::query()->with('kit')->findMany($times->keys())->keyBy('id');
        $regulars = [];
        foreach ($times as $id => $count) {
            $regulars[] = ['user' => $users[$id], 'times' => (int) $count];
        }

        return $regulars;
    }
}
