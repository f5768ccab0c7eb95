<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * What the solver found.
 *
 * @phpstan-import-type Choices from Instance
 *
 * @phpstan-type AnswerData array{
 *     format: string, choices: list<int|null>, cost: float, bound: float, is_optimal: bool,
 *     multipliers: array{
 *         capacity: list<array{group: int, chord: int, price: float}>,
 *         misleading: list<array{chord: int, price: float}>,
 *         bound: float,
 *     }
 * }
 */
final readonly class Answer
{
    public const FORMAT = 'zebrafinch-harmonise-answer-1';

    /**
     * @param  Choices  $choices
     * @param  float  $bound  no solution costs less
     * @param  Multipliers  $multipliers  prove $multipliersBound by themselves
     * @param  bool  $isOptimal  proved: everything that could cost less was searched
     */
    public function __construct(
        public array $choices,
        public float $cost,
        public float $bound,
        public bool $isOptimal,
        public Multipliers $multipliers,
        public float $multipliersBound,
    ) {
    }

    /** How far from the optimum the cost can be at most, as a share of the cost. */
    public function gap(): float
    {
        return $this->cost <= 0.0 ? 0.0 : max(0.0, $this->cost - $this->bound) / $this->cost;
    }

    /** @return AnswerData */
    public function toData(): array
    {
        return [
            'format' => self::FORMAT,
            'choices' => array_values($this->choices),
            'cost' => $this->cost,
            'bound' => $this->bound,
            'is_optimal' => $this->isOptimal,
            'multipliers' => [...$this->multipliers->toData(), 'bound' => $this->multipliersBound],
        ];
    }
}
