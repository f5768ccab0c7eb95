<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * An instance in CPLEX LP format, which open solvers read. `x_s_c` is 1 when slot s has chord c and `x_s_none` when it has none,
 * `y_i_c` when intent i has chord c anywhere, `second_i` counts its chords beyond the first, `friends_c` the intents on chord c beyond
 * the first; all numbers count from 0 as in the instance.
 */
final readonly class LpText
{
    /** Solvers limit the length of a line. */
    private const TERMS_A_LINE = 6;

    private function __construct(private Instance $instance)
    {
    }

    public static function of(Instance $instance): string
    {
        return (new self($instance))->text();
    }

    private function text(): string
    {
        $lines = [
            '\ Harmonise: '.
            count($this->instance->intents).
            ' intents, '.
            count($this->instance->applications).
            ' applications, '.
            count($this->instance->chords).
            ' chords',
            'Minimize',
        ];
        array_push($lines, ...self::wrapped(' cost: ', $this->cost()));
        $lines[] = 'Subject To';
        foreach ([...$this->oneEach(), ...$this->opened(), ...$this->capacities(), ...$this->counts()] as [$name, $terms, $end]) {
            $wrapped = self::wrapped(" {$name}: ", $terms);
            $wrapped[count($wrapped) - 1] .= " {$end}";
            array_push($lines, ...$wrapped);
        }
        $lines[] = 'Bounds';
        foreach (array_keys($this->chordsOf()) as $intent) {
            array_push(
                $lines,
                ...array_map(static fn (int $chord): string => " 0 <= y_{$intent}_{$chord} <= 1", $this->chordsOf()[$intent]),
            );
        }
        $lines[] = 'Binary';
        foreach ($this->instance->slots as $index => $slot) {
            array_push($lines, ...array_map(static fn (string $name): string => " {$name}", $this->names($index, $slot)));
        }
        $lines[] = 'End';

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private function cost(): array
    {
        $terms = [];
        foreach ($this->instance->slots as $index => $slot) {
            foreach ($slot->options as $chord => $cost) {
                $terms[] = self::term($cost, "x_{$index}_{$chord}");
            }
            if ($slot->unbound !== null) {
                $terms[] = self::term($slot->unbound, "x_{$index}_none");
            }
        }
        foreach (array_keys($this->chordsOf()) as $intent) {
            $terms[] = self::term($this->instance->intents[$intent]['second_chord'], "second_{$intent}");
        }
        foreach (array_keys($this->intentsOn()) as $chord) {
            $terms[] = self::term($this->instance->misleading, "friends_{$chord}");
        }

        return $terms;
    }

    /** @return iterable<array{string, list<string>, string}> each slot has one chord, or none */
    private function oneEach(): iterable
    {
        foreach ($this->instance->slots as $index => $slot) {
            yield ["slot_{$index}", array_map(static fn (string $name): string => "+ {$name}", $this->names($index, $slot)), '= 1'];
        }
    }

    /** @return iterable<array{string, list<string>, string}> a chord in one slot is a chord of the intent */
    private function opened(): iterable
    {
        foreach ($this->instance->slots as $index => $slot) {
            foreach (array_keys($slot->options) as $chord) {
                yield ["open_{$index}_{$chord}", ["+ x_{$index}_{$chord}", "- y_{$slot->intent}_{$chord}"], '<= 0'];
            }
        }
    }

    /** @return iterable<array{string, list<string>, string}> no double */
    private function capacities(): iterable
    {
        foreach ($this->instance->groups as $number => $group) {
            $wanting = [];
            foreach ($group as $index) {
                foreach (array_keys($this->instance->slots[$index]->options) as $chord) {
                    $wanting[$chord][] = "+ x_{$index}_{$chord}";
                }
            }
            foreach ($wanting as $chord => $terms) {
                if (count($terms) > 1) {
                    yield ["double_{$number}_{$chord}", $terms, '<= 1'];
                }
            }
        }
    }

    /** @return iterable<array{string, list<string>, string}> chords and intents beyond the first */
    private function counts(): iterable
    {
        foreach ($this->chordsOf() as $intent => $chords) {
            yield [
                "seconds_{$intent}",
                ["+ second_{$intent}", ...array_map(static fn (int $chord): string => "- y_{$intent}_{$chord}", $chords)],
                '>= -1',
            ];
        }
        foreach ($this->intentsOn() as $chord => $intents) {
            yield [
                "friend_{$chord}",
                ["+ friends_{$chord}", ...array_map(static fn (int $intent): string => "- y_{$intent}_{$chord}", $intents)],
                '>= -1',
            ];
        }
    }

    /** @return array<int, list<int>> the chords that an intent can have anywhere */
    private function chordsOf(): array
    {
        $chords = [];
        foreach ($this->instance->slots as $slot) {
            $chords[$slot->intent] = ($chords[$slot->intent] ?? []) + array_fill_keys(array_keys($slot->options), true);
        }

        return array_map(static fn (array $of): array => array_keys($of), array_filter($chords));
    }

    /** @return array<int, list<int>> the intents that can have a chord anywhere */
    private function intentsOn(): array
    {
        $intents = [];
        foreach ($this->chordsOf() as $intent => $chords) {
            foreach ($chords as $chord) {
                $intents[$chord][] = $intent;
            }
        }

        return $intents;
    }

    /** @return list<string> */
    private function names(int $index, Slot $slot): array
    {
        $names = array_map(static fn (int $chord): string => "x_{$index}_{$chord}", array_keys($slot->options));

        return $slot->unbound === null ? $names : [...$names, "x_{$index}_none"];
    }

    private static function term(float $factor, string $name): string
    {
        return sprintf('%s %s %s', $factor < 0 ? '-' : '+', rtrim(rtrim(sprintf('%.9F', abs($factor)), '0'), '.'), $name);
    }

    /**
     * @param  list<string>  $terms
     * @return non-empty-list<string>
     */
    private static function wrapped(string $start, array $terms): array
    {
        $lines = array_map(static fn (array $some): string => '  '.implode(' ', $some), array_chunk($terms, self::TERMS_A_LINE));
        $lines[0] = $start.trim($lines[0] ?? '0');

        return $lines;
    }
}
