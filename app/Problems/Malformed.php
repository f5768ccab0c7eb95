<?php

declare(strict_types=1);

namespace App\Problems;

use Zebrafinch\Core\Refusal;

/** A request that nothing can be made of, whatever it asks. */
final class Malformed extends Refusal implements HasStatus
{
    private const REMEDY = 'Send it again in UTF-8, as JSON writes texts and numbers. Nothing was changed.';

    public static function text(string $where): self
    {
        return new self(
            'There is something in '.self::printable($where).' that is no text: bytes that are not UTF-8, or the character NUL.',
            self::REMEDY,
        );
    }

    public static function number(string $where): self
    {
        return new self('There is a number in '.self::printable($where).' that is larger than a number can be here.', self::REMEDY);
    }

    public static function depth(string $where): self
    {
        return new self('There are lists within lists without end in '.self::printable($where).'.', self::REMEDY);
    }

    public static function json(string $why): self
    {
        return new self("The request is not JSON that can be read: {$why}.", self::REMEDY);
    }

    public function kind(): string
    {
        return 'malformed';
    }

    public function status(): int
    {
        return 400;
    }

    private static function printable(string $where): string
    {
        return mb_strimwidth(str_replace("\0", '', mb_scrub($where, 'UTF-8')), 0, 100, '…');
    }
}
