<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Usage\UsageLogs;
use Illuminate\Support\Facades\DB;

/**
 * The one list of the tables that hold personal data. Exporting, removing and tidying all work through it, and a test holds it against
 * the database: a table that refers to a person and stands neither here nor among those that are not personal makes the test fail.
 */
final readonly class PersonalTables
{
    /** What was tried out, read in and searched for: what came of it is in the keymaps. */
    private const WORK_DAYS = 30;

    /** What was answered stays with the cards. */
    private const DRILL_DAYS = 90;

    private const OF_USER = 'user_id = :user';

    private const OF_KIT = 'kit_id = :kit';

    /** @return list<PersonalTable> in the order in which rows can be deleted */
    public static function all(): array
    {
        return [
            ...self::ofAccount(),
            ...self::ofKit(),
            ...self::ofLearning(),
            ...self::ofHouse(),
        ];
    }

    /**
     * Runs a statement on the rows of one table that belong to a person.
     *
     * @param  string  $before  the statement up to the condition
     */
    public static function run(PersonalTable $table, User $user, string $before): mixed
    {
        $values = ['user' => $user->id, 'kit' => $user->kit->id, 'email' => $user->email];
        preg_match_all('/:(\w+)/', $table->owner, $used);
        $sql = "{$before} where ".preg_replace('/:\w+/', '?', $table->owner);
        $bindings = array_map(static fn (string $name): mixed => $values[$name], $used[1]);

        return str_starts_with($before, 'select') ? DB::scalar($sql, $bindings) : DB::affectingStatement($sql, $bindings);
    }

    /** @return list<PersonalTable> */
    private static function ofAccount(): array
    {
        return [
            PersonalTable::erased('sessions', self::OF_USER, ['id', 'payload'])
                ->storedMinutes(config()->integer('session.lifetime'), 'to_timestamp(last_activity)'),
            PersonalTable::erased('personal_access_tokens', "tokenable_type = 'App\\Models\\User' and tokenable_id = :user", ['token'])
                ->storedDays(30, 'expires_at'),
            PersonalTable::erased('password_reset_tokens', 'email = :email')->notExported()->storedDays(1, 'created_at'),
            PersonalTable::erased('invitations', 'email = :email', ['token_hash'])->storedDays(30, 'expires_at'),
            PersonalTable::erased('idempotency_keys', self::OF_USER)->notExported()->storedDays(1, 'created_at'),
            PersonalTable::erased('looks', self::OF_USER),
            PersonalTable::erased('preset_user', self::OF_USER),
        ];
    }

    /** @return list<PersonalTable> */
    private static function ofKit(): array
    {
        $sources = 'select id from usage_sources where kit_id = :kit';
        $keymaps = 'select id from keymaps where kit_id = :kit';

        return [
            PersonalTable::erased('usage_days', "source_id in ({$sources})")->storedDays(UsageLogs::DAYS_STORED, 'day'),
            PersonalTable::erased('usage_sources', self::OF_KIT),
            PersonalTable::erased('key_files', self::OF_KIT)->storedDays(self::WORK_DAYS, 'updated_at'),
            PersonalTable::erased('accepted_clashes', self::OF_KIT),
            PersonalTable::erased('own_matches', self::OF_KIT),
            PersonalTable::erased('own_intents', self::OF_KIT),
            PersonalTable::erased('harmonisations', self::OF_KIT)->storedDays(self::WORK_DAYS, 'updated_at'),
            PersonalTable::erased('follows', self::OF_KIT),
            PersonalTable::erased('edits', "keymap_id in ({$keymaps})"),
            PersonalTable::erased('keymap_writes', "keymap_id in ({$keymaps})"),
            PersonalTable::erased('keymaps', self::OF_KIT),
        ];
    }

    /** @return list<PersonalTable> */
    private static function ofLearning(): array
    {
        return [
            PersonalTable::erased('card_answers', 'card_id in (select id from cards where user_id = :user)'),
            PersonalTable::erased('cards', self::OF_USER),
            PersonalTable::erased('drills', self::OF_USER)->storedDays(self::DRILL_DAYS, 'started_at'),
            PersonalTable::erased('learners', self::OF_USER),
        ];
    }

    /** @return list<PersonalTable> */
    private static function ofHouse(): array
    {
        $rehearsals = 'select id from rehearsals where user_id = :user';

        return [
            PersonalTable::erased('presses', "rehearsal_id in ({$rehearsals})")->storedDays(self::WORK_DAYS, 'created_at'),
            PersonalTable::erased('rehearsals', self::OF_USER)->storedDays(self::WORK_DAYS, 'updated_at'),
            PersonalTable::preserved('sittings', self::OF_USER),
            PersonalTable::preserved('suite_events', self::OF_USER),
            PersonalTable::preserved('rollouts', self::OF_USER),
            PersonalTable::preserved('presets', self::OF_KIT),
            PersonalTable::preserved('releases', 'author_id = :user', ['content']),
            PersonalTable::preserved('house_applications', self::OF_USER, ['files', 'proof', 'before', 'catalogue', 'dialect']),
            PersonalTable::preserved('journal', self::OF_USER),
            PersonalTable::preserved('kits', self::OF_USER),
            PersonalTable::preserved('users', 'id = :user', ['password', 'second_factor', 'recovery_codes']),
        ];
    }
}
