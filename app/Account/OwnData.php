<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Everything that is stored of a person, table by table. */
final readonly class OwnData
{
    /** Tables with the column that says whose a row is, and what stays out: secrets that open something. */
    private const OF_PERSON = [
        'edits' => 'user_id',
        'sittings' => 'user_id',
        'rollouts' => 'user_id',
        'rehearsals' => 'user_id',
        'looks' => 'user_id',
        'learners' => 'user_id',
        'cards' => 'user_id',
        'drills' => 'user_id',
    ];

    private const OF_KIT = [
        'keymaps',
        'key_files',
        'presets',
        'follows',
        'accepted_clashes',
        'own_intents',
        'own_matches',
        'usage_sources',
        'harmonisations',
    ];

    /** @return array<string, mixed> */
    public function of(User $user): array
    {
        $rows = [];
        foreach (self::OF_PERSON as $table => $column) {
            $rows[$table] = self::rows($table, $column, $user->id);
        }
        foreach (self::OF_KIT as $table) {
            $rows[$table] = self::rows($table, 'kit_id', $user->kit->id);
        }

        return [
            'account' => [
                ...$user->only(['id', 'name', 'email']),
                'role' => $user->role->value,
                'made_at' => $user->created_at->toIso8601String(),
                'password_changed_at' => $user->password_changed_at?->toIso8601String(),
                'second_factor_since' => $user->second_factor_at?->toIso8601String(),
            ],
            ...$rows,
            'usage_days' => self::rowsUnder('usage_days', 'source_id', 'usage_sources', 'kit_id', $user->kit->id),
            'card_answers' => self::rowsUnder('card_answers', 'card_id', 'cards', 'user_id', $user->id),
            'journal' => self::rows('journal', 'user_id', $user->id),
        ];
    }

    /** @return list<array<string, mixed>> with what is JSON in the database as such */
    private static function rows(string $table, string $column, int $id): array
    {
        return self::decoded(DB::scalar("select json_agg(t)::text from {$table} t where {$column} = ?", [$id]));
    }

    /** @return list<array<string, mixed>> of those rows of a table that lie under a person's rows of another */
    private static function rowsUnder(string $table, string $reference, string $owner, string $column, int $id): array
    {
        return self::decoded(
            DB::scalar("select json_agg(t)::text from {$table} t where {$reference} in (select id from {$owner} where {$column} = ?)", [
                $id,
            ]),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function decoded(mixed $found): array
    {
        return $found === null ? [] : json_decode((string) $found, true, 512, JSON_THROW_ON_ERROR);
    }
}
