<?php

declare(strict_types=1);

namespace App\Preset;

use App\Library\Library;
use App\Models\Preset;
use App\Models\Suite;
use Illuminate\Support\Collection;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\FixedChords;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Preset\ProblemKind;

/** Says what is wrong with key files before they go out: at a keyboard, and at each suite that would get them. */
final readonly class Gate
{
    public function __construct(private Library $library, private Fitter $fitter)
    {
    }

    /**
     * @param  array<string, string>  $files  key files by application
     * @param  FixedChords  $fixed  those of the house that hold here
     * @param  Seat  $here  where they are made
     * @param  Collection<int, Suite>  $suites  that would get them
     * @return list<Problem> each once
     */
    public function problems(array $files, FixedChords $fixed, Seat $here, Collection $suites): array
    {
        // What cannot be read here at all is no fault of the files.
        $known = $this->library->known(array_map(strval(...), array_keys($files)));
        $files = array_intersect_key($files, array_fill_keys($known, true));
        $problems = $this->brokenFixed($files, $fixed, $here);
        $atSeat = ['' => [[], $here]];
        foreach ($suites as $suite) {
            $seat = $this->library->keyboards->seat($suite->board, $suite->layout, $suite->system);
            $atSeat[Fitter::name($seat)] ??= [[], $seat];
            $atSeat[Fitter::name($seat)][0][] = $suite;
        }
        foreach ($atSeat as [$there, $seat]) {
            array_push($problems, ...$this->atSeat($files, $fixed, $seat, $there));
        }
        array_push($problems, ...$this->without($files, $suites));
        $once = [];
        foreach ($problems as $problem) {
            $once[$problem->id] ??= $problem;
        }

        return array_values($once);
    }

    /**
     * @param  array<string, string>  $files
     * @param  list<Suite>  $suites  at this keyboard; none for that of whoever asks
     * @return list<Problem>
     */
    private function atSeat(array $files, FixedChords $fixed, Seat $seat, array $suites): array
    {
        $problems = [];
        foreach ($files as $id => $bytes) {
            $there = array_filter($suites, static fn (Suite $suite): bool => in_array($id, $suite->keyFileOwners(), true));
            if ($suites !== [] && $there === []) {
                continue;
            }
            $fit = $this->fitter->fit($this->library->application($id), $bytes, $seat, $fixed, $files[DesktopCatalogue::ID] ?? null);
            foreach ($fit->problems as $problem) {
                // What a keyboard loses is asked of the suites, not of the one at which somebody happens to sit.
                if ($suites !== [] || $problem->kind === ProblemKind::Fault) {
                    $problems[] = $there === [] ? $problem : $problem->in('In '.self::named(array_values($there)));
                }
            }
        }

        return $problems;
    }

    /**
     * @param  array<string, string>  $files
     * @return list<Problem>
     */
    private function brokenFixed(array $files, FixedChords $fixed, Seat $here): array
    {
        $printer = $here->printer();
        $problems = [];
        foreach ($files as $id => $bytes) {
            $application = $this->library->application($id);
            $broken = $fixed->brokenBy($application, $this->bindings($id, $bytes));
            array_push(
                $problems,
                ...array_map(
                    static fn (Binding $one): Problem => Problem::of(
                        ProblemKind::FixedBroken,
                        $id,
                        $one->id(),
                        "{$application->name}: the house has fixed {$printer->label($one->chord)} for ".
                            "{$application->commandName($one->command)}, ".
                            'and these keys have not.',
                    ),
                    $broken,
                ),
            );
        }

        return $problems;
    }

    /**
     * @param  array<string, string>  $files
     * @param  Collection<int, Suite>  $suites
     * @return list<Problem>
     */
    private function without(array $files, Collection $suites): array
    {
        $lacking = [];
        foreach ($suites as $suite) {
            foreach (array_diff($suite->applications, array_keys($files)) as $id) {
                $lacking[$id][] = $suite;
            }
        }
        $problems = [];
        foreach ($lacking as $id => $there) {
            $application = in_array($id, $this->library->applicationIds(), true) ? $this->library->application($id)->name : $id;
            $problems[] = Problem::of(
                ProblemKind::NoFile,
                (string) $id,
                implode(' ', array_map(static fn (Suite $one): string => $one->slug, $there)),
                "Nothing is given for {$application}, which ".self::named($there).(count($there) === 1 ? ' has.' : ' have.'),
            );
        }

        return $problems;
    }

    /** @return Collection<int, Suite> those that get the newest release of a preset by themselves */
    public function followers(?Preset $preset): Collection
    {
        return $preset === null
            ? collect()
            : Suite::query()->where('preset_id', $preset->id)->where('is_pinned', false)->orderBy('name')->get();
    }

    private function bindings(string $application, string $bytes): Bindings
    {
        $known = $this->library->application($application);

        return $this->library->dialect($known)->read($bytes, $known)->bindings();
    }

    /** @param  list<Suite>  $suites */
    private static function named(array $suites): string
    {
        $names = array_map(static fn (Suite $suite): string => $suite->name, $suites);

        return count($names) > 4 ? count($names).' suites' : implode(', ', $names);
    }
}
