<?php

declare(strict_types=1);

namespace App\Account;

use App\Problems\AppRefusal;

/** What somebody is refused about accounts: coming in, being invited, leaving. */
final class AccountRefused extends AppRefusal
{
    public static function lastKeeper(string $name): self
    {
        return self::because(
            'last-keeper',
            409,
            "{$name} is the only suite keeper who can sign in; without one nobody could look after the house.",
            'Make somebody else a suite keeper first.',
        );
    }

    /** The password was right, and the account wants a code beside it. */
    public static function codeWanted(): self
    {
        return self::because(
            'code-wanted',
            422,
            'This account asks for a code as well.',
            'Write the six digits that your device shows, or one of your recovery codes.',
        );
    }

    public static function exists(string $email): self
    {
        return self::because(
            'account-exists',
            409,
            "There is an account with the address {$email} already.",
            'Look for it in the list; it can be enabled again there.',
        );
    }

    public static function invitationGone(): self
    {
        return self::because(
            'invitation-gone',
            410,
            'This invitation is not good any more: it was used, withdrawn, or is older than three days.',
            'Ask the suite keeper for a new one. If you have an account already, sign in.',
        );
    }
}
