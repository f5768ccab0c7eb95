<?php

declare(strict_types=1);

namespace App\Account;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\DB;

/** Time codes beside the password. */
final readonly class SecondFactor
{
    public function __construct(private Journal $journal)
    {
    }

    /** @return string the new secret, which counts once it was confirmed with a code */
    public function begin(User $user): string
    {
        $secret = TimeCodes::newSecret();
        $user
            ->forceFill(['second_factor' => $secret, 'second_factor_at' => null, 'second_factor_step' => 0, 'recovery_codes' => []])
            ->save();

        return $secret;
    }

    /** @return list<string>|null recovery codes, shown once; null where the code is wrong */
    public function confirm(User $user, string $code): ?array
    {
        return DB::transaction(function () use ($user, $code): ?array {
            $locked = User::locked($user);
            $step = self::stepOf($locked, $code);
            if ($step === null) {
                return null;
            }
            $codes = RecoveryCodes::fresh();
            $locked
                ->forceFill([
                    'second_factor_at' => now(),
                    'second_factor_step' => $step,
                    'recovery_codes' => RecoveryCodes::hashes($codes),
                ])
                ->save();
            $this->journal->note('second-factor-on', Subject::person($user));
            ChangedMail::tell($user, 'Your second factor was switched on');

            return $codes;
        });
    }

    /** Takes a time code or a recovery code; neither is good a second time. */
    public function isProven(User $user, string $code): bool
    {
        return DB::transaction(function () use ($user, $code): bool {
            $locked = User::locked($user);
            $step = self::stepOf($locked, preg_replace('/\s+/', '', $code) ?? '');
            if ($step !== null) {
                $locked->forceFill(['second_factor_step' => $step])->save();

                return true;
            }
            $left = RecoveryCodes::without($code, $locked->recovery_codes);
            if ($left === null) {
                return false;
            }
            $locked->forceFill(['recovery_codes' => $left])->save();
            $this->journal->note('recovery-code-used', Subject::person($user), ['left' => count($left)], $user);
            ChangedMail::tell($user, 'One of your recovery codes was used');

            return true;
        });
    }

    public function end(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $user->forceFill(['second_factor' => null, 'second_factor_at' => null, 'recovery_codes' => []])->save();
            $this->journal->note('second-factor-off', Subject::person($user));
            ChangedMail::tell($user, 'Your second factor was switched off');
        });
    }

    private static function stepOf(User $user, string $code): ?int
    {
        try {
            $secret = $user->getAttribute('second_factor');
        } catch (DecryptException) {
            // The key that closed it is gone; recovery codes still open the account, and a keeper ends the factor.
            $secret = null;
        }

        return ! is_string($secret) ? null : TimeCodes::stepOf($code, $secret, now()->getTimestamp(), $user->second_factor_step);
    }
}
