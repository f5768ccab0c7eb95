<?php

declare(strict_types=1);

namespace App\Learn;

use Zebrafinch\Core\Focus\Ladder;
use Zebrafinch\Core\Keyboard\Chord;

/** What came of an answer. */
final readonly class Answered
{
    /**
     * @param  Chord|null  $pressed  null for "I do not know"
     * @param  Ladder|null  $ladder  who got the chord that was pressed
     * @param  array<string, mixed>|null  $rehearsed  what the stand-in says of the right press
     */
    public function __construct(
        public Question $question,
        public bool $isRight,
        public ?Chord $pressed,
        public ?Ladder $ladder,
        public ?array $rehearsed,
    ) {
    }
}
