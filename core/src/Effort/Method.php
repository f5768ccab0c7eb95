<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Effort;

use InvalidArgumentException;

/**
 * A way of doing something, as how often it takes each operator of the keystroke-level model (Card, Moran and Newell, CACM 23(7), 1980).
 * Times are the paper's: pointing with a mouse 1.10 s, moving a hand between mouse and keyboard 0.40 s, making up one's mind 1.35 s; a
 * keystroke by the typist. Pressing a mouse button is a keystroke.
 */
final readonly class Method
{
    public const POINT = 1.1;

    public const HOME = 0.4;

    public const MENTAL = 1.35;

    private function __construct(public int $keystrokes, public int $pointings, public int $homings, public int $decisions)
    {
    }

    /** @param  string  $operators  as the paper writes them, with blanks between: "M H P K 5K" */
    public static function written(string $operators): self
    {
        $counts = ['K' => 0, 'P' => 0, 'H' => 0, 'M' => 0];
        foreach (preg_split('/\s+/', trim($operators), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (preg_match('/^(\d*)([KPHM])$/', $word, $found) !== 1) {
                throw new InvalidArgumentException("\"{$word}\" is no operator.");
            }
            $counts[$found[2]] += $found[1] === '' ? 1 : (int) $found[1];
        }

        return new self($counts['K'], $counts['P'], $counts['H'], $counts['M']);
    }

    public function seconds(TypingSpeed $speed): float
    {
        return $this->keystrokes * $speed->seconds +
            $this->pointings * self::POINT +
            $this->homings * self::HOME +
            $this->decisions * self::MENTAL;
    }

    /** As the paper writes it, the decisions first. */
    public function inOperators(): string
    {
        $counts = ['M' => $this->decisions, 'H' => $this->homings, 'P' => $this->pointings, 'K' => $this->keystrokes];
        $parts = [];
        foreach ($counts as $operator => $count) {
            $parts[] = $count === 0 ? '' : ($count === 1 ? $operator : "{$count}{$operator}");
        }

        return implode(' ', array_filter($parts));
    }
}
