<?php

declare(strict_types=1);

use Zebrafinch\Core\Harmonise\Harmoniser;
use Zebrafinch\Core\Harmonise\Scope;
use Zebrafinch\Core\Harmonise\Solve\Answer;
use Zebrafinch\Core\Harmonise\Solve\Checker;
use Zebrafinch\Core\Harmonise\Solve\Instance;
use Zebrafinch\Core\Harmonise\Solve\LpText;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Harmonise\Solve\Solver;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Tests\Harmonise\Solve\GeneratedInstances;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

// Harmonising the demo's whole kit and seeded instances: how long until the optimum is proved, how far from it at most after so many
// seconds; and a medium one beside an open solver (HiGHS) that reads the written LP file. A checker of its own looks at every answer.
return static function (): iterable {
    /** @return array{float, Answer, float} seconds, what was found, and the gap after two seconds in % */
    $solve = static function (Instance $instance, float $seconds): array {
        $start = hrtime(true);
        $early = null;
        $answer =
            Solver::solve($instance, static function (Progress $now) use ($start, $seconds, &$early): bool {
                $passed = (hrtime(true) - $start) / 1e9;
                $early ??= $passed >= 2.0 ? 100 * ($now->gap() ?? 1.0) : null;

                return $passed < $seconds;
            }) ?? throw new RuntimeException('Nothing is allowed.');
        $took = (hrtime(true) - $start) / 1e9;
        if ((new Checker($instance))->complaints($answer->toData()) !== []) {
            throw new RuntimeException('The checker does not agree.');
        }

        return [$took, $answer, $early ?? 100 * $answer->gap()];
    };
    // The compiler has seen the code before the first is timed.
    $solve(GeneratedInstances::small(31), 5);
    $solve(GeneratedInstances::medium(31), 5);

    $ids = World::applicationIds();
    $vocabulary = World::vocabulary();
    $kit = (new Harmoniser($vocabulary, new Importance($vocabulary), World::reserved()))->kit(
        array_map(static fn (string $id) => World::factory(World::application($id)), $ids),
        [World::seat()],
        new Scope($vocabulary->sharedBy($ids)),
        Weights::mattering([]),
    )->instance;
    [$took, $answer] = $solve($kit, 10);
    yield Row::aimed(
        sprintf(
            'harmonising the demo\'s whole kit (%d intents, %d commands, %d chords)',
            count($kit->intents),
            count($kit->slots),
            count($kit->chords),
        ),
        sprintf(
            '%s after %.1f s, cost %.2f',
            $answer->isOptimal ? 'proved best' : sprintf('gap %.4f %%', 100 * $answer->gap()),
            $took,
            $answer->cost,
        ),
        'proved within 3 s',
        $answer->isOptimal && $took <= 3.0,
    );

    $times = [];
    foreach (range(1, 30) as $seed) {
        [$times[], $answer] = $solve(GeneratedInstances::medium($seed), 10);
    }
    yield Row::aimed(
        'harmonising medium kits (6 applications, 60 intents, 150 chords), 30 seeds',
        sprintf('median %.2f s, worst %.2f s', Row::share($times, 0.5), max($times)),
        'median ≤ 0.25 s, worst ≤ 1 s',
        Row::share($times, 0.5) <= 0.25 && max($times) <= 1.0,
    );

    $early = [];
    $proved = 0;
    $times = [];
    foreach (range(1, 5) as $seed) {
        [$times[], $answer, $early[]] = $solve(GeneratedInstances::large($seed), 30);
        $proved += (int) $answer->isOptimal;
        $left = 5 - $seed;
        // What cannot reach three any more, or has reached them, is not waited for.
        if ($proved >= 3 || $proved + $left < 3) {
            break;
        }
    }
    yield Row::aimed(
        sprintf('harmonising large kits (8, 120, 250), %d seeds', count($early)),
        sprintf('gap after 2 s: median %.3f %%, worst %.3f %%; %d proved within 30 s', Row::share($early, 0.5), max($early), $proved),
        '≤ 0.05 % after 2 s, three of five proved within 30 s',
        max($early) <= 0.05 && $proved >= 3,
    );

    $instance = GeneratedInstances::medium(6);
    [$took, $answer] = $solve($instance, 10);
    $file = tempnam(sys_get_temp_dir(), 'lp') ?: throw new RuntimeException('No room for a file.');
    file_put_contents($file, LpText::of($instance));
    exec('node '.escapeshellarg(dirname(__DIR__).'/highs.mjs').' '.escapeshellarg($file).' 60', $said, $code);
    unlink($file);
    $theirs =
        $code === 0
            ? json_decode(array_pop($said) ?? '', true, 4, JSON_THROW_ON_ERROR)
            : throw new RuntimeException('The open solver failed.');
    yield Row::told(
        sprintf(
            'a medium one beside HiGHS on the written LP file: cost %.4f and %.4f (%s), %.2f s and %.1f s, %.0f × as long',
            $answer->cost,
            $theirs['cost'],
            $theirs['status'],
            $took,
            $theirs['seconds'],
            $theirs['seconds'] / $took,
        ),
    );
};
