<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/**
 * One go at some cards: over after five minutes, or when all of at most fifteen were asked. What was missed comes again after a few
 * others, until it is right; only the first answer moves the card. Moments are brought along, in seconds since 1970.
 *
 * @phpstan-type DrillData array{started: int, waiting: list<string>, answers: list<array{card: string, is_right: bool, at: int}>}
 */
final readonly class Drill
{
    public const MOST_CARDS = 15;

    public const MOST_SECONDS = 300;

    /** How many others come before a missed card comes again. */
    private const AGAIN_AFTER = 3;

    /** After so many misses in one go a card is left for another day. */
    private const MOST_MISSES = 3;

    /**
     * @param  list<string>  $waiting  ids of cards, the next first
     * @param  list<array{card: string, is_right: bool, at: int}>  $answers
     */
    private function __construct(public int $started, private array $waiting, public array $answers)
    {
    }

    /** @param  list<string>  $cards  ids, the most urgent first */
    public static function of(array $cards, int $now): self
    {
        return new self($now, array_slice(array_values(array_unique($cards)), 0, self::MOST_CARDS), []);
    }

    /** @param  DrillData  $data */
    public static function fromData(array $data): self
    {
        return new self($data['started'], $data['waiting'], $data['answers']);
    }

    /** @return DrillData */
    public function toData(): array
    {
        return ['started' => $this->started, 'waiting' => $this->waiting, 'answers' => $this->answers];
    }

    /** The card to ask; null when it is over. */
    public function next(int $now): ?string
    {
        return $this->isTimeUp($now) ? null : $this->waiting[0] ?? null;
    }

    public function isTimeUp(int $now): bool
    {
        return $now - $this->started >= self::MOST_SECONDS;
    }

    /** How many are still to come, those that come again included. */
    public function left(): int
    {
        return count($this->waiting);
    }

    /** Whether a card is asked for the first time in this go: only then its answer moves it. */
    public function isFirst(string $card): bool
    {
        return ! in_array($card, array_column($this->answers, 'card'), true);
    }

    /** An answer to a card that is not the one to ask changes nothing: it was given already. */
    public function answered(string $card, bool $isRight, int $at): self
    {
        if (($this->waiting[0] ?? null) !== $card) {
            return $this;
        }
        $waiting = array_slice($this->waiting, 1);
        $answers = [...$this->answers, ['card' => $card, 'is_right' => $isRight, 'at' => $at]];
        $misses = count(array_filter($answers, static fn (array $one): bool => $one['card'] === $card && ! $one['is_right']));
        if (! $isRight && $misses < self::MOST_MISSES) {
            array_splice($waiting, self::AGAIN_AFTER, 0, [$card]);
        }

        return new self($this->started, array_values($waiting), $answers);
    }

    /** @return list<string> ids of the cards that were missed at first */
    public function missed(): array
    {
        $first = [];
        foreach ($this->answers as ['card' => $card, 'is_right' => $isRight]) {
            $first[$card] ??= $isRight;
        }

        return array_map(strval(...), array_keys(array_filter($first, static fn (bool $isRight): bool => ! $isRight)));
    }
}
