<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;

/** Everything that is stored of a person, table by table ({@see PersonalTables}). */
final readonly class OwnData
{
    /** @return array<string, mixed> */
    public function of(User $user): array
    {
        $rows = [];
        foreach (PersonalTables::all() as $table) {
            if ($table->hidden !== null) {
                $rows[$table->name] = self::rows($table, $table->hidden, $user);
            }
        }

        return ['account' => $rows['users'][0], ...array_diff_key($rows, ['users' => true])];
    }

    /**
     * @param  list<string>  $hidden
     * @return list<array<string, mixed>> with what is JSON in the database as such
     */
    private static function rows(PersonalTable $table, array $hidden, User $user): array
    {
        $row = 'to_jsonb(t)';
        foreach ($hidden as $column) {
            $row .= " - '{$column}'";
        }
        $found = PersonalTables::run($table, $user, "select json_agg({$row})::text from {$table->name} t");

        return $found === null ? [] : json_decode((string) $found, true, 512, JSON_THROW_ON_ERROR);
    }
}
