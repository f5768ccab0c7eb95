<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\Misleading;
use Zebrafinch\Core\Across\SameElsewhere;
use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Habits;
use Zebrafinch\Core\Learn\Lessons;
use Zebrafinch\Core\Learn\Saving;
use Zebrafinch\Core\Learn\Savings;
use Zebrafinch\Core\Learn\Ways;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;
use Zebrafinch\Core\Usage\UsageColumns;
use Zebrafinch\Core\Usage\UsageDays;

// Proposals from a log of 200,000 uses, a line each, over six applications and four weeks, against reading that log.
return static function (): iterable {
    mt_srand(200_000);
    $vocabulary = World::vocabulary();
    $seat = World::seat();
    $keymaps = [];
    $commands = [];
    foreach (World::applicationIds() as $id) {
        $keymaps[$id] = World::factory(World::application($id));
        foreach ($keymaps[$id]->application->commands() as $command) {
            $commands[] = "{$id},{$command->id}";
        }
    }
    $lines = ['day,application,command,hand'];
    for ($use = 0; $use < 200_000; $use++) {
        $day = date('Y-m-d', strtotime('2026-03-02 UTC +'.mt_rand(0, 27).' days'));
        // Some are used often, most seldom.
        $command = $commands[(int) (count($commands) * (mt_rand() / mt_getrandmax()) ** 3)] ?? $commands[0];
        $lines[] = "{$day},{$command},".(mt_rand(0, 3) === 0 ? 'mouse' : 'key');
    }
    $csv = implode("\n", $lines)."\n";
    $columns = UsageColumns::fromData([
        'day' => 'day',
        'application' => 'application',
        'command' => 'command',
        'hand' => ['column' => 'hand', 'key' => ['key'], 'mouse' => ['mouse']],
    ]);
    $days = UsageDays::fromCsv($csv, $columns);
    $propose = static function () use ($days, $keymaps, $vocabulary, $seat): Lessons {
        $recent = $days->lastWeeks(4);
        $weeks = count($recent->mondays());
        $log = $recent->sum();
        $ways = new Ways($seat, TypingSpeed::ofClass(TypingClass::Average));
        $doings = Habits::of($log, $weeks, array_keys($keymaps), static fn (string $id): LoadedKeymap => $keymaps[$id], $vocabulary);
        $offers = new Offers();
        $savings = Savings::of($doings, $ways, static function (Doing $doing) use ($offers, $keymaps): ?Binding {
            [$best] = [...$offers->for($keymaps[$doing->application->id], $doing->command->id, $doing->command->home, 1), null];

            return $best === null ? null : new Binding($best->chord, $doing->command->id, $doing->command->home);
        });
        $friends = new FalseFriends(array_values($keymaps), $vocabulary, new Importance($vocabulary, $log));
        $misleading = Misleading::for($friends->all(), static fn (string $id, string $command): bool => $log->of($id, $command) !== null);
        $press = static fn (Saving $one): Press => $seat->press($one->binding->chord);

        return Lessons::from(
            $savings->all,
            $seat,
            static fn (Saving $one): bool => $misleading->has($press($one), $one->doing->application->id, $one->doing->command->id),
            static fn (): bool => false,
            static fn (Saving $one): array => SameElsewhere::names(
                array_values(array_diff_key($keymaps, [$one->doing->application->id => true])),
                $vocabulary,
                $one->doing->intent,
                $press($one),
            ),
        );
    };
    $time = SideBySide::of($propose, static fn (): UsageDays => UsageDays::fromCsv($csv, $columns), 5);
    yield sprintf(
        'what to learn next from 200,000 uses: %.2f times reading the log (%.0f ms and %.0f ms, %d chosen)',
        $time->ratio(),
        $time->subject,
        $time->yardstick,
        count($propose()->chosen),
    );
};
