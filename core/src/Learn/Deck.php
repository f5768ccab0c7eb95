<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** All that somebody learns. */
final readonly class Deck
{
    /** @param  list<Card>  $cards */
    private function __construct(public array $cards)
    {
    }

    public static function of(Card ...$cards): self
    {
        return new self(array_values($cards));
    }

    /** @return list<Card> the longest due first; of those the lowest box, then by id */
    public function due(int $now): array
    {
        $due = array_values(array_filter($this->cards, static fn (Card $one): bool => $one->isDue($now)));
        usort($due, self::compare(...));

        return $due;
    }

    /** @return list<Card> all that are not learned, those that are due first or soonest before the others */
    public function soonest(): array
    {
        $open = array_values(array_filter($this->cards, static fn (Card $one): bool => ! $one->isLearned()));
        usort($open, self::compare(...));

        return $open;
    }

    /** When the next card is due that is not yet; null where none is coming. */
    public function nextDue(int $now): ?int
    {
        $coming = array_filter(
            array_map(static fn (Card $one): ?int => $one->due(), $this->cards),
            static fn (?int $due): bool => $due !== null && $due > $now,
        );

        return $coming === [] ? null : min($coming);
    }

    /** @return array<int, int> how many lie in each box, by its number */
    public function inBoxes(): array
    {
        $counts = array_fill_keys(array_map(static fn (Box $one): int => $one->value, Box::cases()), 0);
        foreach ($this->cards as $card) {
            if ($card->box !== null) {
                $counts[$card->box->value]++;
            }
        }

        return $counts;
    }

    public function learned(): int
    {
        return count(array_filter($this->cards, static fn (Card $one): bool => $one->isLearned()));
    }

    private static function compare(Card $one, Card $other): int
    {
        return [$one->due(), $one->box?->value, $one->id] <=> [$other->due(), $other->box?->value, $other->id];
    }
}
