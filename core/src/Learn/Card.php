<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/**
 * Something that is learned, and how far it is. Moments are seconds since 1970 that whoever asks brings along: a card has no clock, and
 * no zone moves it.
 */
final readonly class Card
{
    private const DAY = 86_400;

    /**
     * @param  Box|null  $box  null once it is learned
     * @param  int|null  $seen  when it was asked last; null for never
     */
    private function __construct(public string $id, public ?Box $box, public int $added, public ?int $seen)
    {
    }

    public static function new(string $id, int $added): self
    {
        return new self($id, Box::First, $added, null);
    }

    /** @param  int|null  $box  null once it is learned */
    public static function stored(string $id, ?int $box, int $added, ?int $seen): self
    {
        return new self($id, $box === null ? null : Box::from($box), $added, $seen);
    }

    public function isLearned(): bool
    {
        return $this->box === null;
    }

    /**
     * From when on it is asked; null once it is learned. Half a day early is early enough: who practises each morning is not told to
     * come back in five minutes.
     */
    public function due(): ?int
    {
        return match (true) {
            $this->box === null => null,
            $this->seen === null => $this->added,
            default => $this->seen + $this->box->days() * self::DAY - intdiv(self::DAY, 2),
        };
    }

    public function isDue(int $now): bool
    {
        return $this->due() !== null && $this->due() <= $now;
    }

    /** After an answer: known ones go on to the next box, missed ones back to the first, learned ones too. */
    public function answered(bool $isRight, int $at): self
    {
        return new self($this->id, $isRight ? $this->box?->next() : Box::First, $this->added, $at);
    }

    /** It was learned, and is done by mouse again: asked at once. */
    public function forgotten(): self
    {
        return new self($this->id, Box::First, $this->added, null);
    }
}
