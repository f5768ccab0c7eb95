<?php

declare(strict_types=1);

namespace App\House;

use App\Account\ReadableCode;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\House;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Suite\Role;

/** How a place becomes a house: prepared once on the command line, then named by whoever first shows the code that was printed there. */
final readonly class SettingUp
{
    public function __construct(private Journal $journal)
    {
    }

    /** Says once and for all what this place is. A place that has people already stays what it was: the demo of earlier versions. */
    public function prepare(bool $isDemo): House
    {
        return House::query()->first() ??
            House::query()->create(
                $isDemo || User::query()->exists()
                    ? ['name' => config()->string('app.house'), 'is_demo' => true, 'set_up_at' => now()]
                    : ['name' => House::UNNAMED, 'is_demo' => false],
            );
    }

    /** @return string a new code for the first visit; one that was printed before is no longer good */
    public function newCode(House $house): string
    {
        $code = strtoupper(ReadableCode::ofGroups(4));
        $house->update(['setup_code_hash' => self::hash($code)]);

        return $code;
    }

    /** @throws SetUpRefused */
    public function setUp(string $code, string $houseName, string $name, string $email, string $password): User
    {
        return DB::transaction(function () use ($code, $houseName, $name, $email, $password): User {
            $house = House::query()->lockForUpdate()->first();
            if ($house === null || $house->isSetUp()) {
                throw SetUpRefused::already();
            }
            if ($house->setup_code_hash === null || ! hash_equals($house->setup_code_hash, self::hash($code))) {
                throw SetUpRefused::wrongCode();
            }
            $keeper = User::register([
                'name' => $name,
                'email' => mb_strtolower($email),
                'role' => Role::SuiteKeeper,
                'password' => $password,
                'password_changed_at' => now(),
            ]);
            $house->update(['name' => $houseName, 'setup_code_hash' => null, 'set_up_at' => now()]);
            $this->journal->note('house-set-up', Subject::house(), by: $keeper);

            return $keeper;
        });
    }

    private static function hash(string $code): string
    {
        return hash('sha256', ReadableCode::plain($code));
    }
}
