<?php

declare(strict_types=1);

namespace App\Learn;

use App\Problems\AppRefusal;
use Illuminate\Support\Carbon;

/** What is refused about cards and drills. */
final class LearnRefused extends AppRefusal
{
    public static function notACardFile(): self
    {
        return self::because('bad-card-file', 422, 'This is no file of cards.', 'Choose one that Learn wrote (learning.json).');
    }

    public static function badCard(int $number): self
    {
        return self::because(
            'bad-card-file',
            422,
            "Card {$number} of the file is not one.",
            'Correct it, or leave it out; nothing was taken in.',
            "card {$number}",
        );
    }

    /** A drill is asked for, and there is nothing to drill. */
    public static function nothingDue(?Carbon $next): self
    {
        return self::because(
            'nothing-to-ask',
            409,
            'No card is due.',
            $next === null ? 'Choose something to learn first.' : "The next is due {$next->toIso8601String()}; practise ahead if you like.",
        );
    }

    public static function nothingDiffers(): self
    {
        return self::because('nothing-to-ask', 409, 'Nothing differs that could be pressed.', 'Sit down; your hands know it.');
    }

    /** What is to be learned has no chord. */
    public static function nothingToPress(string $command, string $application): self
    {
        return self::because(
            'nothing-to-press',
            422,
            "{$command} has no chord in {$application} that this keyboard can press.",
            'Give it one in Remap, then learn it.',
            $application,
        );
    }

    public static function tooManyCards(int $most): self
    {
        return self::because(
            'too-many-cards',
            422,
            'More than '.number_format($most).' cards are more than anybody learns.',
            'Take away what you know.',
        );
    }
}
