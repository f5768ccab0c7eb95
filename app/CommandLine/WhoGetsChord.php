<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Illuminate\Console\Command;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\Ladder;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Rung;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Refusal;

/** Tells who gets a chord. Ends with 0, with 1 when the chord has a fault, with 2 when something could not be read. */
final class WhoGetsChord extends Command
{
    use FileOptions;

    private const BAD_INPUT = 2;

    protected $signature = 'who
        {chord : Such as Primary+Shift+KeyS, or as the keyboard shows it}
        {files?* : Key files or presets; the factory keymaps without any}
        {--focus= : Only with the focus there}
        {--gesture=tap : tap or hold}
        {--application= : Whose key files they are, where that is not plain; or a file of an application}
        {--system=linux : macos, windows or linux}
        {--board=full-ansi : The board it is pressed on}
        {--layout=us : Its layout}
        {--json : Print JSON}';

    protected $description = 'Tell who gets a chord';

    public function handle(Library $library, KeymapFiles $files, Docket $docket): int
    {
        try {
            $seat = $this->seat($library);
            $gesture = Gesture::tryFrom($this->text('gesture')) ?? throw BadFile::option('gesture', ['tap', 'hold']);
            $chord = $this->chord($this->chordText(), $seat->reader()->read(...));
            $keymaps = array_map(
                static fn (ReadKeymap $one): LoadedKeymap => new LoadedKeymap($one->application, $one->bindings, $seat),
                $this->keymaps($library, $files),
            );
            $answers = array_map(fn (LoadedKeymap $one): array => $this->answer($one, $chord, $gesture, $docket), $keymaps);
        } catch (Refusal $error) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln("{$error->getMessage()} {$error->remedy}");

            return self::BAD_INPUT;
        }
        if ($this->option('json') === true) {
            $this->printJson(['chord' => $chord->id(), 'gesture' => $gesture->value, 'applications' => $answers]);
        } else {
            array_map($this->printAnswer(...), $answers);
        }

        return array_sum(array_column($answers, 'faults')) > 0 ? self::FAILURE : self::SUCCESS;
    }

    private function chordText(): string
    {
        $text = $this->argument('chord');

        return is_string($text) ? $text : '';
    }

    /** @return list<ReadKeymap> */
    private function keymaps(Library $library, KeymapFiles $files): array
    {
        $paths = (array) $this->argument('files');
        $files->know($this->text('application'));
        if ($paths === []) {
            return array_values(
                array_map(
                    static fn ($one): ReadKeymap => new ReadKeymap('factory', $one, $library->factoryBindings($one), []),
                    $library->applications(),
                ),
            );
        }

        return array_merge(
            ...array_map(fn (mixed $path): array => $files->read((string) $path, $this->text('application')), array_values($paths)),
        );
    }

    /** @param  callable(string): Chord  $spelled  reads a chord as the keyboard shows it */
    private function chord(string $text, callable $spelled): Chord
    {
        try {
            return Chord::parse($text);
        } catch (Refusal) {
            return $spelled($text);
        }
    }

    /**
     * @return array{
     *     application: string,
     *     faults: int,
     *     ladders: list<array{
     *         focus: string,
     *         sentence: string,
     *         winner: string|null,
     *         rungs: list<array{context: string, command: string|null, verdict: string, reason: string}>,
     *     }>,
     * }
     */
    private function answer(LoadedKeymap $keymap, Chord $chord, Gesture $gesture, Docket $docket): array
    {
        $contexts =
            $this->text('focus') === ''
                ? $keymap->application->contexts->all()
                : [$keymap->application->contexts->get($this->text('focus'))];
        $who = new Who($keymap);

        return [
            'application' => $keymap->application->id,
            'faults' => count(
                array_filter(
                    $docket->on($keymap->seat->presses($chord), $keymap),
                    static fn (Clash $one): bool => $one->grade === Grade::Fault,
                ),
            ),
            'ladders' => array_map(fn (Context $focus): array => $this->ladder($who->gets($chord, $gesture, $focus->id)), $contexts),
        ];
    }

    /**
     * @return array{
     *     focus: string,
     *     sentence: string,
     *     winner: string|null,
     *     rungs: list<array{context: string, command: string|null, verdict: string, reason: string}>,
     * }
     */
    private function ladder(Ladder $ladder): array
    {
        return [
            'focus' => $ladder->focus->id,
            'sentence' => $ladder->sentence,
            'winner' => $ladder->winner()?->command,
            'rungs' => array_map(
                static fn (Rung $one): array => [
                    'context' => $one->context->id,
                    'command' => $one->binding?->command,
                    'verdict' => $one->verdict->value,
                    'reason' => $one->reason,
                ],
                $ladder->rungs,
            ),
        ];
    }

    /**
     * @param  array{
     *     application: string,
     *     faults: int,
     *     ladders: list<array{
     *         focus: string,
     *         sentence: string,
     *         winner: string|null,
     *         rungs: list<array{context: string, command: string|null, verdict: string, reason: string}>,
     *     }>,
     * }  $answer
     */
    private function printAnswer(array $answer): void
    {
        $this->line($answer['application']);
        foreach ($answer['ladders'] as $ladder) {
            $this->line("  {$ladder['sentence']}");
            foreach ($ladder['rungs'] as $rung) {
                if ($rung['command'] !== null && $rung['verdict'] !== 'wins') {
                    $this->line("    {$rung['command']} in {$rung['context']}: {$rung['reason']}");
                }
            }
        }
    }
}
