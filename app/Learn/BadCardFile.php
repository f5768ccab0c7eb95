<?php

declare(strict_types=1);

namespace App\Learn;

use Zebrafinch\Core\Refusal;

final class BadCardFile extends Refusal
{
    public static function notOurs(): self
    {
        return new self('This is no file of cards.', 'Choose one that Learn wrote (learning.json).');
    }

    public static function card(int $number): self
    {
        return new self("Card {$number} of the file is not one.", 'Correct it, or leave it out; nothing was taken in.', "card {$number}");
    }

    public function kind(): string
    {
        return 'bad-card-file';
    }
}
