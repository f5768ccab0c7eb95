<?php

declare(strict_types=1);

namespace App\Account;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Long enough, and none that is tried first. Nothing else is asked of a password: length is what counts (NIST SP 800-63B, 5.1.1.2). */
final readonly class GoodPassword implements ValidationRule
{
    public const LEAST = 12;

    public const MOST = 200;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? $value : '';
        if (mb_strlen($password) < self::LEAST) {
            $fail('Choose a password of '.self::LEAST.' characters or more; a few words in a row are good.');
        } elseif (mb_strlen($password) > self::MOST) {
            $fail('Choose a password of '.self::MOST.' characters or fewer.');
        } elseif (self::isCommon($password)) {
            $fail('This password is one of those that are tried first. Choose another; a few words in a row are good.');
        }
    }

    /** One of the commonest, also with nothing but digits and signs after it, or twice in a row; and digits alone. */
    public static function isCommon(string $password): bool
    {
        $lower = mb_strtolower($password);
        $common = array_flip(self::commonest());
        $tried = [$lower, (string) preg_replace('/[^\p{L}]+$/u', '', $lower), substr($lower, 0, intdiv(strlen($lower), 2))];
        if (isset($common[$tried[2]]) && str_repeat($tried[2], 2) === $lower) {
            return true;
        }

        return isset($common[$tried[0]]) ||
            isset($common[$tried[1]]) ||
            preg_match('/^\d+$/', $lower) === 1 ||
            count(array_unique(mb_str_split($lower))) < 4;
    }

    /** @return list<string> from the file whose source stands beside it */
    private static function commonest(): array
    {
        return file(database_path('common-passwords/10000.txt'), FILE_IGNORE_NEW_LINES) ?: [];
    }
}
