<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Harmonise\Solve;

use Zebrafinch\Core\Harmonise\Solve\Instance;
use Zebrafinch\Core\Harmonise\Solve\Slot;

/**
 * Instances like those of real kits, the same for the same seed: about 60 % of the slots present, heavy-tailed usage (or flat, which is
 * hard), current keymaps that agree in part, and bindings of other commands in the way, a quarter of which cannot be moved.
 */
final readonly class GeneratedInstances
{
    private const EFFORT = 0.4;

    private const RELEARNING = 6.0;

    private const SECOND_CHORD = 4.0;

    private const MISLEADING = 6.0;

    private const UNBOUND = 40.0;

    private const DISPLACED = 12.0;

    public static function small(int $seed): Instance
    {
        return self::of($seed, 3, 20, 60);
    }

    public static function medium(int $seed): Instance
    {
        return self::of($seed, 6, 60, 150);
    }

    public static function large(int $seed): Instance
    {
        return self::of($seed, 8, 120, 250);
    }

    public static function flatMedium(int $seed): Instance
    {
        return self::of($seed, 6, 60, 150, isFlat: true);
    }

    /** @param  bool  $hasContexts  whether some slots of an application exclude each other */
    public static function of(
        int $seed,
        int $applications,
        int $intents,
        int $chords,
        bool $isFlat = false,
        bool $hasContexts = false,
    ): Instance {
        mt_srand($seed);
        $efforts = array_map(
            static fn (int $target): float => 0.3 + 8.0 * sqrt($target / $chords) * self::between(0.8, 1.2),
            range(0, $chords - 1),
        );
        $inTheWay = self::inTheWay($applications, $chords);
        $slots = [];
        $byIntent = [];
        $contexts = [];
        $taken = [];
        $weights = [1.0];
        for ($intent = 0; $intent < $intents; $intent++) {
            $usage = $isFlat ? self::between(0.8, 1.2) : 20.0 / ($intent + 1) ** 1.1;
            $house = self::cheapish($chords);
            $all = 0.0;
            foreach (range(0, $applications - 1) as $application) {
                if (self::between(0, 1) > 0.6) {
                    continue;
                }
                $weight = $usage * self::between(0.5, 1.5);
                $all += $weight;
                $weights[] = $weight;
                $current = self::between(0, 1) < 0.55 ? $house : self::cheapish($chords);
                $current = isset($taken[$application][$current]) ? null : $current;
                $taken[$application][$current ?? -1] = true;
                $contexts[$application][$hasContexts ? mt_rand(0, 2) : 0][] = count($slots);
                $slots[] = new Slot(
                    $intent,
                    $application,
                    self::UNBOUND * $weight,
                    self::options($efforts, $inTheWay[$application], $weight, $current),
                );
            }
            $byIntent[] = ['id' => "intent-{$intent}", 'second_chord' => self::SECOND_CHORD * $all];
        }
        sort($weights);
        $typical = $weights[intdiv(count($weights), 2)];

        return new Instance(
            array_map(static fn (int $number): string => "Application {$number}", range(1, $applications)),
            array_map(static fn (int $number): string => "chord-{$number}", range(0, $chords - 1)),
            $byIntent,
            $slots,
            self::groups($contexts),
            self::MISLEADING * $typical,
        );
    }

    /**
     * What stands in context 0 is everywhere; 1 and 2 exclude each other.
     *
     * @param  array<int, array<int, list<int>>>  $contexts  slots by application and context
     * @return list<list<int>>
     */
    private static function groups(array $contexts): array
    {
        $groups = [];
        foreach ($contexts as $of) {
            $everywhere = $of[0] ?? [];
            $groups[] = [...$everywhere, ...$of[1] ?? []];
            if (isset($of[2])) {
                $groups[] = [...$everywhere, ...$of[2]];
            }
        }

        return $groups;
    }

    /**
     * @return list<array<int, float|null>> by application and chord: what moving away the one who has it costs, null where that is not
     *     allowed
     */
    private static function inTheWay(int $applications, int $chords): array
    {
        return array_map(static function () use ($chords): array {
            $held = [];
            for ($chord = 0; $chord < $chords; $chord++) {
                if (self::between(0, 1) < 0.25) {
                    $held[$chord] = self::between(0, 1) < 0.25 ? null : self::DISPLACED * self::between(0.1, 2);
                }
            }

            return $held;
        }, range(1, $applications));
    }

    /**
     * @param  list<float>  $efforts
     * @param  array<int, float|null>  $inTheWay
     * @return array<int, float>
     */
    private static function options(array $efforts, array $inTheWay, float $weight, ?int $current): array
    {
        $options = [];
        foreach ($efforts as $chord => $effort) {
            if (array_key_exists($chord, $inTheWay) && $inTheWay[$chord] === null) {
                continue;
            }
            $options[$chord] =
                $weight * (self::EFFORT * $effort + ($chord === $current ? 0.0 : self::RELEARNING)) + ($inTheWay[$chord] ?? 0.0);
        }

        return $options;
    }

    private static function cheapish(int $chords): int
    {
        return (int) floor($chords * self::between(0, 1) ** 2 * 0.999);
    }

    private static function between(float $from, float $to): float
    {
        return $from + (($to - $from) * mt_rand()) / mt_getrandmax();
    }
}
