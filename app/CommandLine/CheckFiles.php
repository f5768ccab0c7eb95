<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Illuminate\Console\Command;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Dialect\Finding;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Refusal;

/** Checks key files and presets. Ends with 0 when there is no fault, with 1 when there is one, with 2 when something could not be read. */
final class CheckFiles extends Command
{
    use FileOptions;

    private const BAD_INPUT = 2;

    protected $signature = 'check
        {files* : Key files or presets}
        {--application= : Whose key files they are, where that is not plain; or a file of an application}
        {--system=linux : macos, windows or linux}
        {--board=full-ansi : The board they are pressed on}
        {--layout=us : Its layout}
        {--json : Print JSON}';

    protected $description = 'Check key files and presets for clashes';

    public function handle(Library $library, KeymapFiles $files, Docket $docket): int
    {
        try {
            $seat = $this->seat($library);
        } catch (Refusal $error) {
            $this->error("{$error->getMessage()} {$error->remedy}");

            return self::BAD_INPUT;
        }
        $reports = [];
        $errors = [];
        foreach ((array) $this->argument('files') as $path) {
            try {
                array_push(
                    $reports,
                    ...array_map(
                        fn (ReadKeymap $read): array => $this->report($read, $seat, $docket),
                        $files->read((string) $path, $this->text('application')),
                    ),
                );
            } catch (Refusal $refusal) {
                $errors[] = [
                    'file' => (string) $path,
                    'kind' => $refusal->kind(),
                    'detail' => $refusal->getMessage(),
                    'remedy' => $refusal->remedy,
                    'where' => $refusal->where,
                ];
            }
        }
        $faults = array_sum(array_column($reports, 'faults'));
        if ($this->option('json') === true) {
            $this->printJson(['faults' => $faults, 'files' => $reports, 'errors' => $errors]);
        } else {
            array_map($this->printReport(...), $reports);
            foreach ($errors as $error) {
                $this->getOutput()
                    ->getErrorStyle()
                    ->writeln("{$error['file']}: {$error['detail']} {$error['remedy']}");
            }
        }

        return match (true) {
            $errors !== [] => self::BAD_INPUT,
            $faults > 0 => self::FAILURE,
            default => self::SUCCESS,
        };
    }

    /**
     * @return array{
     *     file: string,
     *     application: string,
     *     bindings: int,
     *     faults: int,
     *     warnings: int,
     *     findings: list<array{kind: string, line: int, text: string, sentence: string}>,
     *     clashes: list<array{
     *         id: string,
     *         kind: string,
     *         grade: string,
     *         sentence: string,
     *         bindings: list<array{chord: string, command: string, context: string, gesture: string}>,
     *     }>,
     * }
     */
    private function report(ReadKeymap $read, Seat $seat, Docket $docket): array
    {
        $clashes = array_values($docket->of(new LoadedKeymap($read->application, $read->bindings, $seat)));

        return [
            'file' => $read->path,
            'application' => $read->application->id,
            'bindings' => count($read->bindings),
            'faults' => count(array_filter($clashes, static fn (Clash $one): bool => $one->grade === Grade::Fault)),
            'warnings' => count(array_filter($clashes, static fn (Clash $one): bool => $one->grade === Grade::Warning)),
            'findings' => array_map(
                static fn (Finding $one): array => [
                    'kind' => $one->kind->value,
                    'line' => $one->line,
                    'text' => $one->text,
                    'sentence' => $one->sentence,
                ],
                $read->findings,
            ),
            'clashes' => array_map(
                static fn (Clash $one): array => [
                    'id' => $one->id(),
                    'kind' => $one->kind->name(),
                    'grade' => $one->grade->value,
                    'sentence' => $one->sentence(),
                    'bindings' => array_map(static fn (Binding $binding): array => $binding->toData(), $one->bindings),
                ],
                $clashes,
            ),
        ];
    }

    /**
     * @param  array{
     *     file: string,
     *     application: string,
     *     bindings: int,
     *     faults: int,
     *     warnings: int,
     *     findings: list<array{kind: string, line: int, text: string, sentence: string}>,
     *     clashes: list<array{
     *         id: string,
     *         kind: string,
     *         grade: string,
     *         sentence: string,
     *         bindings: list<array{chord: string, command: string, context: string, gesture: string}>,
     *     }>,
     * }  $report
     */
    private function printReport(array $report): void
    {
        $this->line(
            "{$report['file']}: {$report['application']}, {$report['bindings']} bindings, ".
                self::counted($report['faults'], 'fault').
                ', '.
                self::counted($report['warnings'], 'warning'),
        );
        foreach ($report['findings'] as $told) {
            $this->line("  line {$told['line']}: {$told['sentence']}");
        }
        foreach ($report['clashes'] as $told) {
            $this->line("  {$told['grade']}, {$told['kind']}: {$told['sentence']}");
        }
    }

    private static function counted(int $count, string $word): string
    {
        return "{$count} {$word}".($count === 1 ? '' : 's');
    }
}
