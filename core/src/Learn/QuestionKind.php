<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** How a card is asked. */
enum QuestionKind: string
{
    /** By what is wanted, in the trade's words. */
    case Intent = 'intent';
    /** By the name that the application has for it. */
    case Command = 'command';
    /** By what becomes of a strip of clips. */
    case Picture = 'picture';

    /**
     * In turn, so that the chord is tied to what is wanted and not to one wording.
     *
     * @param  int  $asked  how often it was asked before
     */
    public static function turn(int $asked, bool $hasIntent, bool $hasPicture): self
    {
        $possible = [self::Command, ...$hasIntent ? [self::Intent] : [], ...$hasPicture ? [self::Picture] : []];

        return $possible[$asked % count($possible)];
    }
}
