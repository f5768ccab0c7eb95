<?php

declare(strict_types=1);

use Zebrafinch\Core\Harmonise\Solve\Answer;
use Zebrafinch\Core\Harmonise\Solve\Checker;
use Zebrafinch\Core\Harmonise\Solve\Instance;
use Zebrafinch\Core\Harmonise\Solve\LpText;
use Zebrafinch\Core\Harmonise\Solve\Solver;
use Zebrafinch\Core\Tests\Harmonise\Solve\GeneratedInstances;

// Harmonising seeded instances of three sizes and flat usage: how long until the optimum is proved, how far from it at most after so many
// seconds; and the medium ones beside an open solver (HiGHS) that reads the written LP file.
return static function (): iterable {
    /** @return array{float, Answer} seconds, and what was found */
    $solve = static function (Instance $instance, float $seconds): array {
        $start = hrtime(true);
        $answer =
            Solver::solve($instance, static fn (): bool => hrtime(true) - $start < $seconds * 1e9) ??
            throw new RuntimeException('Nothing is allowed.');
        $took = (hrtime(true) - $start) / 1e9;
        if ((new Checker($instance))->complaints($answer->toData()) !== []) {
            throw new RuntimeException('The checker does not agree.');
        }

        return [$took, $answer];
    };
    $median = static function (array $values): float {
        sort($values);

        return $values[intdiv(count($values), 2)];
    };
    $report = static function (string $name, callable $instance, int $seeds, float $seconds) use ($solve, $median): string {
        $times = [];
        $gaps = [];
        $proved = 0;
        foreach (range(1, $seeds) as $seed) {
            [$times[], $answer] = $solve($instance($seed), $seconds);
            $gaps[] = 100 * $answer->gap();
            $proved += (int) $answer->isOptimal;
        }

        return sprintf(
            'harmonise, %s, at most %.0f s: %d of %d proved optimal, median %.2f s, worst %.2f s; gap median %.3f %%, worst %.3f %%',
            $name,
            $seconds,
            $proved,
            $seeds,
            $median($times),
            max($times),
            $median($gaps),
            max($gaps),
        );
    };
    // The compiler has seen the code before the first is timed.
    $solve(GeneratedInstances::small(31), 5);
    yield $report('small (3 applications, 20 intents, 60 chords)', GeneratedInstances::small(...), 30, 5);
    yield $report('medium (6, 60, 150)', GeneratedInstances::medium(...), 30, 10);
    yield $report('medium with flat usage', GeneratedInstances::flatMedium(...), 5, 10);
    yield $report('large (8, 120, 250)', GeneratedInstances::large(...), 5, 2);
    yield $report('large (8, 120, 250)', GeneratedInstances::large(...), 5, 10);

    foreach ([2, 6] as $seed) {
        $instance = GeneratedInstances::medium($seed);
        [$took, $answer] = $solve($instance, 10);
        $file = tempnam(sys_get_temp_dir(), 'lp') ?: throw new RuntimeException('No room for a file.');
        file_put_contents($file, LpText::of($instance));
        exec('node '.escapeshellarg(dirname(__DIR__).'/highs.mjs').' '.escapeshellarg($file).' 120', $said, $code);
        unlink($file);
        $theirs =
            $code === 0
                ? json_decode(array_pop($said) ?? '', true, 4, JSON_THROW_ON_ERROR)
                : throw new RuntimeException('The open solver failed.');
        yield sprintf(
            'medium %d beside HiGHS on the written LP file: cost %.4f and %.4f (%s), %.2f s and %.1f s, %.0f times as long',
            $seed,
            $answer->cost,
            $theirs['cost'],
            $theirs['status'],
            $took,
            $theirs['seconds'],
            $theirs['seconds'] / $took,
        );
    }
};
