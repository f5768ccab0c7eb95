<?php

declare(strict_types=1);

namespace App\Suite;

use App\Library\Library;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Preset\PresetRefused;
use App\Preset\ReleaseSaver;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Side;
use Zebrafinch\Core\Preset\TakingIn;
use Zebrafinch\Core\Suite\SuiteState;

/** A key file that somebody changed in a suite: what it is against what was given and what is due, and the ways out. */
final readonly class HandChanges
{
    public function __construct(
        private Assignments $assignments,
        private Library $library,
        private ReleaseSaver $releases,
        private Story $story,
    ) {
    }

    /** @throws SuiteRefused */
    public function look(Suite $suite, string $application): HandChange
    {
        $there = $suite->state->report($application);
        $due = $suite->state->due()[$application] ?? null;
        $known = $this->library->application($application);
        $bytes = StoredFile::bytesOf($there->sha256) ?? throw SuiteRefused::noReportedFile($suite, $known->name);
        $base = StoredFile::bytesOf($there->installed);

        return new HandChange(
            $known,
            (string) $there->sha256,
            $bytes,
            $base === null ? $this->library->factoryBindings($known) : $this->read($application, $base),
            $this->read($application, $bytes),
            $due?->sha256 === null ? null : $this->read($application, (string) StoredFile::bytesOf($due->sha256)),
            $this->assignments->label($suite, $there->installed),
            $this->assignments->label($suite, $due?->sha256),
        );
    }

    /** @throws SuiteRefused */
    public function leave(Suite $suite, User $user, string $application, string $sha256, ?string $reason): Suite
    {
        return $this->decided($suite, $user, $application, $sha256, 'stays as it was changed', $reason, static fn (
            SuiteState $state,
        ): SuiteState => $state->owning($application, $sha256));
    }

    /** @throws SuiteRefused */
    public function overwrite(Suite $suite, User $user, string $application, string $sha256, ?string $reason): Suite
    {
        return $this->decided($suite, $user, $application, $sha256, 'is replaced; a copy stays', $reason, static fn (
            SuiteState $state,
        ): SuiteState => $state->disowning($application)->allowing($application, $sha256));
    }

    /**
     * A copy of something that was overwritten is there again, whatever the suite follows.
     *
     * @param  string  $sha256  of the file that is there now; empty for none
     *
     * @throws SuiteRefused
     */
    public function putBack(Suite $suite, User $user, string $application, string $sha256, string $copy, ?string $reason): Suite
    {
        if (! in_array($copy, array_column($suite->copies, 'sha256'), true) || StoredFile::bytesOf($copy) === null) {
            throw SuiteRefused::noReportedFile($suite, $this->library->application($application)->name);
        }

        return $this->decided($suite, $user, $application, $sha256, 'is again what an earlier copy was', $reason, static fn (
            SuiteState $state,
        ): SuiteState => ($sha256 === '' ? $state : $state->allowing($application, $sha256))->owning($application, $copy));
    }

    /**
     * @param  array<string, Side>  $answers
     *
     * @throws SuiteRefused|PresetRefused
     */
    public function merge(Suite $suite, User $user, string $application, string $sha256, array $answers, ?string $reason): Suite
    {
        [$change, $taking] = $this->merged($suite, $application, $sha256, $answers);
        $merged = StoredFile::store($this->library->keyFile($change->application, $taking->result, $change->bytes));

        return $this->decided($suite, $user, $application, $sha256, 'is merged with what is due', $reason, static fn (
            SuiteState $state,
        ): SuiteState => $state->owning($application, $merged)->allowing($application, $sha256));
    }

    /**
     * What was changed by hand, merged with what is due where they differ, becomes the next release of what the suite follows.
     *
     * @param  array<string, Side>  $answers
     *
     * @throws SuiteRefused|PresetRefused|\App\Preset\PresetRefused
     */
    public function release(
        Suite $suite,
        User $user,
        string $application,
        string $sha256,
        array $answers,
        string $note,
        Seat $seat,
        Acknowledgement $yes,
    ): Suite {
        [$change, $taking] = $this->merged($suite, $application, $sha256, $answers);
        $preset = $suite->preset()->firstOrFail();
        $release = $this->releases->withFile(
            $user,
            $preset,
            $application,
            $this->library->keyFile($change->application, $taking->result, $change->bytes),
            $note,
            $seat,
            $yes,
        );

        return $this->assignments->change($suite, function (Suite $locked) use ($user, $application, $sha256, $release, $change): void {
            $this->requireSame($locked, $application, $sha256);
            $this->assignments->step(
                $locked,
                static fn (SuiteState $state): SuiteState => $state->disowning($application)->allowing($application, $sha256),
            );
            $locked->release_id = $release->id;
            $this->story->tell($locked, $user, 'taken-in', "{$change->application->name}, as it was changed here, is {$release->title()}");
        });
    }

    /**
     * @param  array<string, Side>  $answers
     * @return array{HandChange, TakingIn}
     */
    private function merged(Suite $suite, string $application, string $sha256, array $answers): array
    {
        $this->requireSame($suite, $application, $sha256);
        $change = $this->look($suite, $application);
        $taking = $change->merge($answers);
        if (! $taking->isDecided()) {
            throw PresetRefused::undecided($change->application);
        }

        return [$change, $taking];
    }

    /** @param  \Closure(SuiteState): SuiteState  $step */
    private function decided(
        Suite $suite,
        User $user,
        string $application,
        string $sha256,
        string $what,
        ?string $reason,
        \Closure $step,
    ): Suite {
        return $this->assignments->change($suite, function (Suite $locked) use ($user, $application, $sha256, $what, $reason, $step): void {
            $this->requireSame($locked, $application, $sha256);
            $this->assignments->step($locked, $step);
            $name = $this->library->application($application)->name;
            $this->story->tell($locked, $user, 'decided', "{$name} {$what}", $reason);
        });
    }

    /** @throws SuiteRefused */
    private function requireSame(Suite $suite, string $application, string $sha256): void
    {
        if (($suite->state->report($application)->sha256 ?? '') !== $sha256) {
            throw SuiteRefused::staleFile($suite, $application);
        }
    }

    private function read(string $application, string $bytes): Bindings
    {
        $known = $this->library->application($application);

        return $this->library->dialect($known)->read($bytes, $known)->bindings();
    }
}
