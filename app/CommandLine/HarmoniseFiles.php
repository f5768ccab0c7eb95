<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Illuminate\Console\Command;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Harmoniser;
use Zebrafinch\Core\Harmonise\Line;
use Zebrafinch\Core\Harmonise\Scope;
use Zebrafinch\Core\Harmonise\Solve\LpText;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Usage\Importance;

/**
 * Searches the best common chords for key files and prints them as JSON, the instance and the answer with them. Ends with 0, or 2 when
 * something could not be read.
 */
final class HarmoniseFiles extends Command
{
    use FileOptions;

    private const BAD_INPUT = 2;

    private const MOST_SECONDS = 3_600;

    protected $signature = 'harmonise
        {files* : Key files or presets, of at least two applications}
        {--write-lp= : Where the instance is written in CPLEX LP format}
        {--seconds=10 : How long to search at most}
        {--application= : Whose key files they are, where that is not plain; or a file of an application}
        {--system=linux : macos, windows or linux}
        {--board=full-ansi : The board they are used at}
        {--layout=us : Its layout}';

    protected $description = 'Search the best common chords for key files';

    public function handle(Library $library, KeymapFiles $files): int
    {
        try {
            $seconds = filter_var($this->text('seconds'), FILTER_VALIDATE_INT, [
                'options' => ['min_range' => 1, 'max_range' => self::MOST_SECONDS],
            ]);
            $seconds = $seconds === false ? throw BadFile::option('seconds', ['a whole number from 1 to '.self::MOST_SECONDS]) : $seconds;
            $seat = $this->seat($library);
            $keymaps = [];
            foreach (
                array_merge(
                    ...array_map(
                        fn (mixed $path): array => $files->read((string) $path, $this->text('application')),
                        array_values((array) $this->argument('files')),
                    ),
                ) as $read
            ) {
                $keymaps[$read->application->id] = new LoadedKeymap($read->application, $read->bindings, $seat);
            }
            $vocabulary = $library->vocabulary();
            $harmoniser = new Harmoniser($vocabulary, new Importance($vocabulary), $library->keyboards->reserved());
            /** @var non-empty-list<LoadedKeymap> $list */
            $list = array_values($keymaps);
            $kit = $harmoniser->kit($list, [$seat], new Scope($vocabulary->sharedBy(array_keys($keymaps))), new Weights());
            if ($this->text('write-lp') !== '') {
                $files->put($this->text('write-lp'), LpText::of($kit->instance));
            }
            $ends = microtime(true) + $seconds;
            $found = $harmoniser->harmonise($kit, static fn (Progress $now): bool => microtime(true) < $ends);
        } catch (Refusal $error) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln("{$error->getMessage()} {$error->remedy}");

            return self::BAD_INPUT;
        }
        $this->printJson([
            'cost' => $found->answer->cost,
            'bound' => $found->answer->bound,
            'is_optimal' => $found->answer->isOptimal,
            'lines' => array_map($this->lineData(...), $found->lines),
            'changes' => array_map(static fn (Change $one): array => $one->toData(), $found->changes()),
            'answer' => $found->answer->toData(),
            'instance' => $kit->instance->toData(),
        ]);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function lineData(Line $line): array
    {
        return [
            'application' => $line->target->keymap->application->id,
            'command' => $line->target->command,
            'intent' => $line->target->intent->id,
            'before' => $line->target->now?->chord->id(),
            'after' => $line->chord?->id(),
            'reasons' => $line->reasons,
            'runner_up' => $line->runnerUp === null
                    ? null
                    : [
                        'chord' => $line->runnerUp->chord?->id(),
                        'dearer' => $line->runnerUp->dearer,
                        'reason' => $line->runnerUp->reason(),
                    ],
        ];
    }
}
