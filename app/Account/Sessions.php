<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. */
final readonly class Sessions
{
    /** A session is told apart by this part of its digest; the id itself opens it and is never shown. */
    private const NAME_LENGTH = 16;

    public static function nameOf(string $id): string
    {
        return substr(hash('sha256', $id), 0, self::NAME_LENGTH);
    }

    /** @return list<array{id: string, address: string|null, browser: string, last_seen: int, is_this: bool}> the latest first */
    public function of(User $user, string $current): array
    {
        return array_values(
            DB::table('sessions')
                ->where('user_id', $user->id)
                ->orderByDesc('last_activity')
                ->get()
                ->map(
                    static fn (object $row): array => [
                        'id' => self::nameOf($row->id),
                        'address' => $row->ip_address,
                        'browser' => Browser::named((string) $row->user_agent),
                        'last_seen' => (int) $row->last_activity,
                        'is_this' => $row->id === $current,
                    ],
                )
                ->all(),
        );
    }

    /** @return bool false where there is none of that name */
    public function end(User $user, string $name): bool
    {
        $ids = DB::table('sessions')
            ->where('user_id', $user->id)
            ->pluck('id')
            ->filter(static fn (string $id): bool => self::nameOf($id) === $name);

        return DB::table('sessions')->whereIn('id', $ids)->delete() > 0;
    }

    public function endAll(User $user, ?string $butNot = null): int
    {
        return DB::table('sessions')
            ->where('user_id', $user->id)
            ->when($butNot !== null, static fn ($rows) => $rows->where('id', '!=', $butNot))
            ->delete();
    }
}
