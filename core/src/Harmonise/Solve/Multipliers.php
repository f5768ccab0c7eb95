<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** Prices for what ties the intents together. Any prices within their limits prove a bound; good ones prove a high one. */
final class Multipliers
{
    /**
     * @param  array<int, float>  $capacity  at least 0; of group g and chord c at g * (number of chords) + c
     * @param  array<int, float>  $misleading  by chord, from 0 to what misleading costs
     */
    public function __construct(public array $capacity, public array $misleading)
    {
    }

    public static function none(Instance $instance): self
    {
        $chords = count($instance->chords);

        return new self(array_fill(0, count($instance->groups) * $chords, 0.0), array_fill(0, $chords, 0.0));
    }

    /**
     * Only those above zero.
     *
     * @return array{capacity: list<array{group: int, chord: int, price: float}>, misleading: list<array{chord: int, price: float}>}
     */
    public function toData(): array
    {
        $chords = count($this->misleading);
        $data = ['capacity' => [], 'misleading' => []];
        foreach ($chords === 0 ? [] : array_chunk($this->capacity, $chords) as $group => $prices) {
            foreach ($prices as $chord => $price) {
                if ($price > 0.0) {
                    $data['capacity'][] = ['group' => $group, 'chord' => $chord, 'price' => $price];
                }
            }
        }
        foreach ($this->misleading as $chord => $price) {
            if ($price > 0.0) {
                $data['misleading'][] = ['chord' => $chord, 'price' => $price];
            }
        }

        return $data;
    }
}
