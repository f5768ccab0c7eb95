<?php

declare(strict_types=1);

namespace App\Account;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Contracts\Auth\PasswordBroker;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/** Proving a password, changing it, and making a new one when it is forgotten. */
final readonly class Passwords
{
    public function __construct(private Journal $journal, private Sessions $sessions)
    {
    }

    /**
     * The account that an address and a password belong to. It takes as long where there is no such account, or none that may come in:
     * then the password is held against one that nobody has.
     */
    public function proven(string $email, string $password): ?User
    {
        $user = User::query()->where('email', mb_strtolower($email))->first();
        $isRight = Hash::check($password, $user->password ?? self::nobodys());
        if ($user === null || ! $isRight || ! $user->isActive()) {
            return null;
        }
        if (Hash::needsRehash($user->password)) {
            $user->forceFill(['password' => $password])->save();
        }

        return $user;
    }

    /** @param  string|null  $sessionThatStays  all others of this person end */
    public function change(User $user, string $password, ?string $sessionThatStays, string $kind = 'password-changed'): void
    {
        DB::transaction(function () use ($user, $password, $sessionThatStays, $kind): void {
            $user->forceFill(['password' => $password, 'password_changed_at' => now()])->save();
            $this->sessions->endAll($user, $sessionThatStays);
            $this->journal->note($kind, Subject::person($user), by: $user);
            ChangedMail::tell($user, 'Your password was changed');
        });
    }

    /** Writes to somebody how to choose a new password. Nothing tells whether there is such an account. */
    public function sendReset(string $email): void
    {
        $user = User::active()->where('email', mb_strtolower($email))->first();
        if ($user !== null) {
            $this->journal->note('password-reset-asked', Subject::person($user), by: $user);
            Mail::to($user->email)->queue(new PasswordResetMail($user->name, $this->resetLink($user)));
        }
    }

    /** The part after `#` never reaches a server's log. */
    public function resetLink(User $user): string
    {
        $token = Password::createToken($user);

        return config()->string('app.url').'/new-password#'.http_build_query(['email' => $user->email, 'token' => $token]);
    }

    /** @return bool false where the link is not good, or not any more */
    public function reset(string $email, string $token, string $password): bool
    {
        $status = Password::broker()->reset(['email' => mb_strtolower($email), 'token' => $token, 'password' => $password], function (
            User $user,
            string $chosen,
        ): void {
            $this->change($user, $chosen, null, 'password-reset');
        });

        return $status === PasswordBroker::PASSWORD_RESET;
    }

    /** A hash at the cost of all others, of a password that is thrown away. */
    private static function nobodys(): string
    {
        return cache()->rememberForever('password-of-nobody', static fn (): string => Hash::make(bin2hex(random_bytes(16))));
    }
}
