<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Zebrafinch\Core\Suite\Role;

/** The house always has a suite keeper who can sign in. */
final readonly class LastKeeper
{
    /**
     * Keepers who might go at the same time wait for each other, in one order.
     *
     * @throws AccountRefused where this person is the only one
     */
    public function refuse(User $user): void
    {
        $keepers = User::active()->where('role', Role::SuiteKeeper)->orderBy('id')->lockForUpdate()->pluck('id');
        if ($keepers->all() === [$user->id]) {
            throw AccountRefused::lastKeeper($user->name);
        }
    }
}
