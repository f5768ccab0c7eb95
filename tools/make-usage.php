<?php

// Writes the usage logs of the demo world: four working weeks of three accounts, the same for the same seed.

declare(strict_types=1);

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Intent\Frequency;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\UsageLog;

require dirname(__DIR__).'/vendor/autoload.php';

const SEED = 1907;
const FIRST_DAY = '2026-03-02';
const WEEKS = 4;
/** Share of the commands that somebody picks by mouse although they have a chord. */
const MOUSE_HABIT = 0.15;
/** @var array<string, array<string, float>> by account: applications, with how much of the day goes to each */
const WORK = [
    'picture' => ['cutloom' => 1.0, 'gradewell' => 0.25, 'faderloft' => 0.2],
    'sound' => ['faderloft' => 1.0, 'cutloom' => 0.3],
    'motion' => ['easeframe' => 1.0, 'rotomere' => 0.4, 'boardwick' => 0.3, 'cutloom' => 0.2],
];

mt_srand(SEED);
$chance = static fn (): float => mt_rand() / mt_getrandmax();
$vocabulary = World::vocabulary();
foreach (WORK as $account => $applications) {
    $lines = [implode(',', UsageLog::COLUMNS)];
    $habits = [];
    foreach ($applications as $id => $share) {
        $application = World::application($id);
        $bindings = World::factory($application)->bindings();
        foreach ($application->commands() as $command) {
            $match = $vocabulary->matchFor($id, $command->id);
            $often = ($match === null ? Frequency::Seldom : $vocabulary->intent($match->intent)->frequency)->weight();
            $isBound = $bindings->ofCommand($command->id) !== [] && ! $command->is(CommandTrait::MenuOnly);
            $byMouse = ! $isBound ? 1.0 : ($chance() < MOUSE_HABIT ? 0.6 + 0.4 * $chance() : 0.05 * $chance());
            // Taste: everybody leaves some commands alone and overdoes others.
            $habits[] = [$id, $command, $share * $often * exp(2 * $chance() - 1) * ($chance() < 0.2 ? 0.0 : 1.0), $byMouse];
        }
    }
    for ($day = 0; $day < WEEKS * 7; $day++) {
        $date = new DateTimeImmutable(FIRST_DAY." +{$day} days");
        if ((int) $date->format('N') > 5) {
            continue;
        }
        foreach ($habits as [$id, $command, $uses, $byMouse]) {
            $today = (int) round($uses * (0.4 + 1.2 * $chance()));
            $mouse = (int) round($today * $byMouse);
            if ($today > 0) {
                $lines[] = implode(',', [$date->format('Y-m-d'), $id, $command->id, $today - $mouse, $mouse]);
            }
        }
    }
    file_put_contents(dirname(__DIR__)."/demo/usage/{$account}.csv", implode("\r\n", $lines)."\r\n");
}
