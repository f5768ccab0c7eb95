<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Effort;

/**
 * How fast somebody's fingers are, for those who were not measured: the classes of typists of Card, Moran and Newell, The keystroke-level
 * model for user performance time with interactive systems, CACM 23(7), 1980, figure 1 (values from memory).
 */
enum TypingClass: string
{
    case Best = 'best';
    case Good = 'good';
    case Average = 'average';
    case Occasional = 'occasional';
    case RandomLetters = 'random-letters';
    case ComplexCodes = 'complex-codes';
    case Unfamiliar = 'unfamiliar';

    /** Seconds for one keystroke. */
    public function seconds(): float
    {
        return match ($this) {
            self::Best => 0.08,
            self::Good => 0.12,
            self::Average => 0.2,
            self::Occasional => 0.28,
            self::RandomLetters => 0.5,
            self::ComplexCodes => 0.75,
            self::Unfamiliar => 1.2,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Best => 'the best typist, 135 words a minute',
            self::Good => 'a good typist, 90 words a minute',
            self::Average => 'an average skilled typist, 55 words a minute',
            self::Occasional => 'somebody who types now and then, 40 words a minute',
            self::RandomLetters => 'typing random letters',
            self::ComplexCodes => 'typing complex codes',
            self::Unfamiliar => 'somebody who does not know the keyboard',
        };
    }
}
