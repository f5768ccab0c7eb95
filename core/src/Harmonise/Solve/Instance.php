<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * A harmonising problem, all of it in numbers: which chord each slot gets, so that the whole costs least. A solution gives each slot
 * one of its options or none, and costs the sum of
 *  - the options taken (effort, relearning and what they displace) and of the slots left without a chord,
 *  - for each intent, what a second chord costs times the number of its distinct chords beyond the first,
 *  - for each chord, what misleading costs times the number of distinct intents on it beyond the first.
 * No two slots of one group may have the same chord.
 *
 * @phpstan-type InstanceData array{
 *     format: string, applications: list<string>, chords: list<string>, misleading: float,
 *     intents: list<array{id: string, second_chord: float}>,
 *     slots: list<array{intent: int, application: int, unbound: float|null, options: list<array{chord: int, cost: float}>}>,
 *     groups: list<list<int>>
 * }
 *
 * Choices are by slot: the index of its chord in the list of chords, or null for none.
 * @phpstan-type Choices array<int, int|null>
 */
final readonly class Instance
{
    public const FORMAT = 'zebrafinch-harmonise-1';

    /**
     * @param  list<string>  $applications  names
     * @param  list<string>  $chords  names
     * @param  list<array{id: string, second_chord: float}>  $intents
     * @param  list<Slot>  $slots
     * @param  list<list<int>>  $groups  slots of one application whose commands can be active together
     * @param  float  $misleading  what each further intent on one chord costs
     */
    public function __construct(
        public array $applications,
        public array $chords,
        public array $intents,
        public array $slots,
        public array $groups,
        public float $misleading,
    ) {
    }

    /** @param  Choices  $choices */
    public function cost(array $choices): float
    {
        $cost = 0.0;
        $chordsOf = [];
        $intentsOn = [];
        foreach ($this->slots as $index => $slot) {
            $chord = $choices[$index];
            $cost += $chord === null ? $slot->unbound ?? INF : $slot->options[$chord] ?? INF;
            if ($chord !== null) {
                $chordsOf[$slot->intent][$chord] = true;
                $intentsOn[$chord][$slot->intent] = true;
            }
        }
        foreach ($chordsOf as $intent => $chords) {
            $cost += $this->intents[$intent]['second_chord'] * (count($chords) - 1);
        }
        foreach ($intentsOn as $intents) {
            $cost += $this->misleading * (count($intents) - 1);
        }

        return $cost;
    }

    /**
     * Whether no two slots of a group have one chord, and each slot has one of its options.
     *
     * @param  Choices  $choices
     */
    public function allows(array $choices): bool
    {
        foreach ($this->slots as $index => $slot) {
            if ($choices[$index] === null ? $slot->unbound === null : ! isset($slot->options[$choices[$index]])) {
                return false;
            }
        }
        foreach ($this->groups as $group) {
            $taken = array_filter(
                array_map(static fn (int $slot): ?int => $choices[$slot], $group),
                static fn (?int $chord): bool => $chord !== null,
            );
            if (count($taken) !== count(array_unique($taken))) {
                return false;
            }
        }

        return true;
    }

    /** @return InstanceData */
    public function toData(): array
    {
        return [
            'format' => self::FORMAT,
            'applications' => $this->applications,
            'chords' => $this->chords,
            'misleading' => $this->misleading,
            'intents' => $this->intents,
            'slots' => array_map(
                static fn (Slot $slot): array => [
                    'intent' => $slot->intent,
                    'application' => $slot->application,
                    'unbound' => $slot->unbound,
                    'options' => array_map(
                        static fn (int $chord, float $cost): array => ['chord' => $chord, 'cost' => $cost],
                        array_keys($slot->options),
                        array_values($slot->options),
                    ),
                ],
                $this->slots,
            ),
            'groups' => $this->groups,
        ];
    }

    /** @param  InstanceData  $data */
    public static function fromData(array $data): self
    {
        $slots = array_map(
            static fn (array $slot): Slot => new Slot(
                $slot['intent'],
                $slot['application'],
                $slot['unbound'] === null ? null : (float) $slot['unbound'],
                array_map(floatval(...), array_column($slot['options'], 'cost', 'chord')),
            ),
            $data['slots'],
        );
        $intents = array_map(
            static fn (array $intent): array => ['id' => $intent['id'], 'second_chord' => (float) $intent['second_chord']],
            $data['intents'],
        );

        return new self($data['applications'], $data['chords'], $intents, $slots, $data['groups'], (float) $data['misleading']);
    }
}
