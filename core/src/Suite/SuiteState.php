<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/**
 * The rules of what a suite should have and of what may be replaced there. All that happens to a suite is a step from one state to the
 * next; what its agent is told and what people see both follow from the state.
 *
 * Three rules hold over all steps. What somebody changed by hand is never replaced unless somebody said so of just that file. What was
 * there when somebody sat down comes back when they have gone, byte for byte. Nothing that is due is forgotten.
 *
 * @phpstan-import-type ReportedData from ReportedFile
 * @phpstan-import-type FoundData from FoundFile
 *
 * @phpstan-type StateData array{
 *     release: array<string, string>,
 *     guest: array<string, string>,
 *     found: array<string, FoundData>,
 *     is_leaving: bool,
 *     own: array<string, string|null>,
 *     allowed: array<string, string>,
 *     reported: array<string, ReportedData>,
 * }
 */
final readonly class SuiteState
{
    /**
     * All by application; digests are SHA-256 in lower-case hex.
     *
     * @param  array<string, string>  $release  what the release gives that the suite follows
     * @param  array<string, string>  $guest  what whoever sits there brings
     * @param  array<string, FoundFile>  $found  what was there before they came
     * @param  bool  $isLeaving  whether they have gone and what was found is not all back yet
     * @param  array<string, string|null>  $own  what the suite has for itself; null for no file
     * @param  array<string, string>  $allowed  what somebody said may be replaced although nobody gave it
     * @param  array<string, ReportedFile>  $reported
     */
    private function __construct(
        private array $release,
        private array $guest,
        private array $found,
        private bool $isLeaving,
        private array $own,
        private array $allowed,
        private array $reported,
    ) {
    }

    public static function blank(): self
    {
        return new self([], [], [], false, [], [], []);
    }

    /** @param  StateData  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['release'],
            $data['guest'],
            array_map(FoundFile::fromData(...), $data['found']),
            $data['is_leaving'],
            $data['own'],
            $data['allowed'],
            array_map(ReportedFile::fromData(...), $data['reported']),
        );
    }

    /** @return StateData */
    public function toData(): array
    {
        return [
            'release' => $this->release,
            'guest' => $this->guest,
            'found' => array_map(static fn (FoundFile $one): array => $one->toData(), $this->found),
            'is_leaving' => $this->isLeaving,
            'own' => $this->own,
            'allowed' => $this->allowed,
            'reported' => array_map(static fn (ReportedFile $one): array => $one->toData(), $this->reported),
        ];
    }

    /**
     * The suite follows this from now on.
     *
     * @param  array<string, string>  $release
     */
    public function following(array $release): self
    {
        return $this->with(release: $release);
    }

    /**
     * Somebody sits there with this, or has changed what they brought. Whoever sat there before has gone: what is there is still what was
     * found before them.
     *
     * @param  array<string, string>  $guest
     */
    public function sitting(array $guest): self
    {
        $found = $this->found;
        foreach ($guest as $application => $sha256) {
            $found[$application] = ($found[$application] ?? $this->asReported($application))->given($sha256);
        }

        return $this->with(guest: $guest, found: $found, isLeaving: false);
    }

    /** Whoever sits there goes. */
    public function left(): self
    {
        $found = array_map(static fn (FoundFile $file): FoundFile => $file->left(), $this->found);

        return $this->with(guest: [], found: $found, isLeaving: $found !== []);
    }

    /**
     * What was there before something was given comes back, byte for byte.
     *
     * @param  array<string, FoundFile>  $files  as they were
     */
    public function goingBack(array $files): self
    {
        $back = array_map(static fn (FoundFile $file): FoundFile => new FoundFile($file->sha256, $file->installed, [], true), $files);

        return $this->with(found: $back + $this->found, isLeaving: $back !== [] && ! $this->isSitting() ? true : $this->isLeaving);
    }

    /** Somebody has said that a file that nobody gave may be replaced; another file than this one may not. */
    public function allowing(string $application, string $sha256): self
    {
        return $this->with(allowed: [$application => $sha256] + $this->allowed);
    }

    /** The suite has a file for itself, whatever it follows; null for none. */
    public function owning(string $application, ?string $sha256): self
    {
        return $this->with(own: [$application => $sha256] + $this->own);
    }

    /** The suite has what it follows again. What it had for itself may be replaced. */
    public function disowning(string $application): self
    {
        $own = $this->own[$application] ?? null;
        $without = $this->with(own: array_diff_key($this->own, [$application => true]));

        return $own === null ? $without : $without->allowing($application, $own);
    }

    /**
     * @param  array<string, ReportedFile>  $reported
     * @param  bool  $isCurrent  whether the agent knew what is due now when it told this: what an earlier assignment put there may not be
     *     told of yet
     */
    public function reported(array $reported, bool $isCurrent = true): self
    {
        $found = $this->found;
        foreach ($found as $application => $file) {
            $found[$application] = isset($reported[$application]) ? $file->after($reported[$application]) : $file;
        }

        $told = $this->with(found: $found, reported: $reported + $this->reported);

        return $isCurrent ? $told->settled() : $told;
    }

    /** What is there is as it was found: nothing is left to give back. */
    private function settled(): self
    {
        if (! $this->isLeaving) {
            return $this;
        }
        foreach ($this->found as $application => $file) {
            if ($file->isReplaced && $this->asReported($application)->sha256 !== $file->sha256) {
                return $this;
            }
        }

        return $this->with(found: [], isLeaving: false);
    }

    private function asReported(string $application): FoundFile
    {
        $report = $this->report($application);

        return new FoundFile($report->sha256, $report->installed);
    }

    public function report(string $application): ReportedFile
    {
        return $this->reported[$application] ?? new ReportedFile(null, null);
    }

    /** Whether the agent has ever told of this file. */
    public function isReported(string $application): bool
    {
        return isset($this->reported[$application]);
    }

    public function isSitting(): bool
    {
        return $this->guest !== [];
    }

    /** Whether somebody has gone and what they found is not all back yet. */
    public function isGivingBack(): bool
    {
        return $this->isLeaving;
    }

    /** @return array<string, FoundFile> */
    public function found(): array
    {
        return $this->found;
    }

    /** @return array<string, DueFile> what the suite should have, of those applications of which anything is stated */
    public function due(): array
    {
        $due = array_map(static fn (string $sha256): DueFile => new DueFile(Source::Release, $sha256, $sha256), $this->release);
        foreach ($this->own as $application => $sha256) {
            $due[$application] = new DueFile(Source::Own, $sha256, $sha256);
        }
        foreach ($this->found as $application => $file) {
            if ($file->isReplaced) {
                $due[$application] = new DueFile(Source::AsFound, $file->sha256, $file->installed);
            }
        }
        foreach ($this->guest as $application => $sha256) {
            $due[$application] = new DueFile(Source::Guest, $sha256, $sha256);
        }
        ksort($due);

        return $due;
    }

    /** Whether what is there may go for what is due. */
    public function mayReplace(string $application): bool
    {
        $there = $this->report($application);
        $found = $this->found[$application] ?? null;

        return match (true) {
            ! $this->isReported($application) => false,
            $there->sha256 === null, $there->isGiven(), ($this->allowed[$application] ?? null) === $there->sha256 => true,
            $found === null => false,
            isset($this->guest[$application]) => in_array($there->sha256, [$found->sha256, ...$found->guests], true),
            // What was found comes back, and what somebody made by hand while they sat there is offered to them.
            default => in_array($there->sha256, [...$found->guests, $found->byHand], true),
        };
    }

    /**
     * What the agent is told to put there, all or none, each in place of exactly what it last told of.
     *
     * @return array<string, DueFile>
     */
    public function toInstall(): array
    {
        return array_filter(
            $this->due(),
            fn (DueFile $due, string $application): bool => $due->sha256 === $this->report($application)->sha256
                // What is there already is only noted as given.
                ? $this->isReported($application) && $due->given !== $this->report($application)->installed
                : $this->mayReplace($application),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param  bool  $isOnline  whether the agent was heard of within the last minute
     * @param  bool  $isStopped  whether something newer is due that has a fault nobody has accepted
     */
    public function standing(string $application, bool $isOnline, bool $isStopped = false): Standing
    {
        $due = $this->due()[$application] ?? null;
        $there = $this->report($application);

        return match (true) {
            $isStopped => Standing::Stopped,
            $due === null => $there->sha256 === null ? Standing::NoFile : Standing::NobodyGave,
            $due->sha256 === $there->sha256 && $there->loaded === false => Standing::Refused,
            $due->sha256 === $there->sha256 && $due->source === Source::Own => Standing::Left,
            $due->sha256 === $there->sha256 && $this->isReported($application) => Standing::InStep,
            $this->isReported($application) && ! $this->mayReplace($application) => $there->installed === null
                ? Standing::NobodyGave
                : Standing::ChangedByHand,
            $there->held !== null && $isOnline => Standing::HeldBack,
            default => $isOnline ? Standing::OnItsWay : Standing::Behind,
        };
    }

    /**
     * @param  array<string, string>|null  $release
     * @param  array<string, string>|null  $guest
     * @param  array<string, FoundFile>|null  $found
     * @param  array<string, string|null>|null  $own
     * @param  array<string, string>|null  $allowed
     * @param  array<string, ReportedFile>|null  $reported
     */
    private function with(
        ?array $release = null,
        ?array $guest = null,
        ?array $found = null,
        ?bool $isLeaving = null,
        ?array $own = null,
        ?array $allowed = null,
        ?array $reported = null,
    ): self {
        return new self(
            $release ?? $this->release,
            $guest ?? $this->guest,
            $found ?? $this->found,
            $isLeaving ?? $this->isLeaving,
            $own ?? $this->own,
            $allowed ?? $this->allowed,
            $reported ?? $this->reported,
        );
    }
}
