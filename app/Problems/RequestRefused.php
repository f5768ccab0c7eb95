<?php

declare(strict_types=1);

namespace App\Problems;

/** What is refused of any request, whatever it asks for. */
final class RequestRefused extends AppRefusal
{
    private const REMEDY = 'Send it again in UTF-8, as JSON writes texts and numbers. Nothing was changed.';

    public static function busy(): self
    {
        return self::because(
            'busy',
            429,
            'Something long is being worked out for you already.',
            'Wait until it is done, then try again.',
        )->after(5);
    }

    /** A key by which a write could be repeated is none, or was used for something else. */
    public static function idempotencyKeyReused(): self
    {
        return self::because(
            'key-used',
            422,
            'This Idempotency-Key was used for another request.',
            'Choose a new key for each write. Nothing was changed.',
        );
    }

    public static function idempotencyKeyUnreadable(): self
    {
        return self::because(
            'key-used',
            422,
            'This Idempotency-Key is none.',
            'Use 8 to 80 letters, digits and dashes. Nothing was changed.',
        );
    }

    /** A request that nothing can be made of, whatever it asks. */
    public static function malformedText(string $where): self
    {
        return self::because(
            'malformed',
            400,
            'There is something in '.self::printable($where).' that is no text: bytes that are not UTF-8, or the character NUL.',
            self::REMEDY,
        );
    }

    public static function malformedNumber(string $where): self
    {
        return self::because(
            'malformed',
            400,
            'There is a number in '.self::printable($where).' that is larger than a number can be here.',
            self::REMEDY,
        );
    }

    public static function tooDeep(string $where): self
    {
        return self::because('malformed', 400, 'There are lists within lists without end in '.self::printable($where).'.', self::REMEDY);
    }

    public static function malformedJson(string $why): self
    {
        return self::because('malformed', 400, "The request is not JSON that can be read: {$why}.", self::REMEDY);
    }

    private static function printable(string $where): string
    {
        return mb_strimwidth(str_replace("\0", '', mb_scrub($where, 'UTF-8')), 0, 100, '…');
    }

    /** What somebody wants to write was decided on something that is no longer so, and there is nothing to merge. */
    public static function stale(string $what): self
    {
        return self::because(
            'stale',
            409,
            "{$what} was changed in the meantime, in another window or by somebody else.",
            'Look at it again and choose once more.',
        );
    }
}
