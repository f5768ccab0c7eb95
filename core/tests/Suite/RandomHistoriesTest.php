<?php

declare(strict_types=1);

use Zebrafinch\Core\Suite\DueFile;
use Zebrafinch\Core\Suite\ReportedFile;
use Zebrafinch\Core\Suite\Source;
use Zebrafinch\Core\Suite\SuiteState;

/**
 * A suite, its agent and its people, at random: releases, sitting down, leaving, edits by hand, being offline, lost reports, decisions.
 */
final class RandomSuite
{
    public const APPLICATIONS = ['cutloom', 'faderloft', 'easeframe'];

    public SuiteState $state;

    /** @var array<string, string|null> digests by application, as they are in the folder */
    public array $folder;

    /** @var array<string, string|null> what the agent has noted as put there */
    public array $installed;

    /** @var array<string, true> digests that somebody made by hand and nobody has given up */
    private array $byHand = [];

    /** @var array<string, string|null>|null the folder as it was when the first of those who sit there sat down */
    private ?array $found = null;

    private bool $isSitting = false;

    private bool $isOnline = true;

    private int $made = 0;

    /** Goes up with everything that is stated; and the one that the agent knows. */
    private int $number = 0;

    private int $known = 0;

    /** @var list<string> what was done, for whoever looks why it failed */
    public array $told = [];

    public function __construct(private readonly Random\Randomizer $random)
    {
        $this->state = SuiteState::blank();
        $this->folder = array_fill_keys(self::APPLICATIONS, null);
        $this->installed = array_fill_keys(self::APPLICATIONS, null);
    }

    public function step(): void
    {
        $steps = ['release', 'edit', 'takeAway', 'sitDown', 'remap', 'leave', 'allow', 'leaveAsIs', 'giveUp', 'offline', 'online'];
        $step = [...$steps, 'agent', 'agent', 'agent', 'agent', 'report'][$this->random->getInt(0, count($steps) + 4)];
        $this->told[] = $step;
        $before = $this->state;
        $this->{$step}();
        $this->number += ! in_array($step, ['agent', 'report'], true) && $this->state !== $before ? 1 : 0;
    }

    private function application(): string
    {
        return self::APPLICATIONS[$this->random->getInt(0, count(self::APPLICATIONS) - 1)];
    }

    private function fresh(string $what): string
    {
        return $what.' '.++$this->made;
    }

    private function release(): void
    {
        $files = [];
        foreach (self::APPLICATIONS as $application) {
            if ($this->random->getInt(0, 3) > 0) {
                $files[$application] = $this->fresh("release of {$application}");
            }
        }
        $this->state = $this->state->following($files);
    }

    private function edit(): void
    {
        $application = $this->application();
        $bytes = $this->fresh("by hand {$application}");
        $this->folder[$application] = $bytes;
        $this->byHand[$bytes] = true;
        $this->forgetFound($application);
    }

    private function takeAway(): void
    {
        $application = $this->application();
        $this->folder[$application] = null;
        $this->forgetFound($application);
    }

    /** What changes before anything of a guest's is there is what is found. */
    private function forgetFound(string $application): void
    {
        $file = $this->state->found()[$application] ?? null;
        if ($this->found !== null && ($file === null || ! $file->isReplaced) && ! $this->isGuests($this->installed[$application])) {
            $this->found[$application] = $this->folder[$application];
        }
    }

    private function isGuests(?string $sha256): bool
    {
        return $sha256 !== null && str_starts_with($sha256, 'guest');
    }

    private function sitDown(): void
    {
        if ($this->isSitting) {
            $this->leave();
        }
        $this->found ??= $this->folder;
        $this->isSitting = true;
        $this->remap();
    }

    private function remap(): void
    {
        if ($this->isSitting) {
            $this->state = $this->state->sitting([
                'cutloom' => $this->fresh('guest cutloom'),
                'faderloft' => $this->fresh('guest faderloft'),
            ]);
        }
    }

    private function leave(): void
    {
        if ($this->isSitting) {
            $this->isSitting = false;
            $this->state = $this->state->left();
        }
    }

    private function allow(): void
    {
        $application = $this->application();
        $sha256 = $this->state->report($application)->sha256;
        if ($sha256 !== null) {
            $this->state = $this->state->allowing($application, $sha256);
            unset($this->byHand[$sha256]);
        }
    }

    private function leaveAsIs(): void
    {
        $application = $this->application();
        $sha256 = $this->state->report($application)->sha256;
        if ($sha256 !== null && ! $this->isSitting && $this->found === null) {
            $this->state = $this->state->owning($application, $sha256);
        }
    }

    private function giveUp(): void
    {
        $application = $this->application();
        $own = $this->state->due()[$application] ?? null;
        if ($own?->source === Source::Own) {
            unset($this->byHand[(string) $own->sha256]);
            $this->state = $this->state->disowning($application);
        }
    }

    private function offline(): void
    {
        $this->isOnline = false;
    }

    private function online(): void
    {
        $this->isOnline = true;
    }

    public function report(): void
    {
        if (! $this->isOnline) {
            return;
        }
        $this->state = $this->state->reported(
            array_combine(
                self::APPLICATIONS,
                array_map(
                    fn (string $one): ReportedFile => new ReportedFile($this->folder[$one], $this->installed[$one]),
                    self::APPLICATIONS,
                ),
            ),
            $this->known === $this->number,
        );
        if (! $this->isSitting && ! $this->state->isGivingBack()) {
            $this->found = null;
        }
    }

    /** A round of the agent: it may be that its report before, or after, is lost. */
    public function agent(bool $mayLose = true): void
    {
        if (! $this->isOnline) {
            return;
        }
        if (! $mayLose || $this->random->getInt(0, 4) > 0) {
            $this->report();
        }
        $due = $this->state->toInstall();
        $this->known = $this->number;
        foreach ($due as $application => $file) {
            $there = $this->folder[$application];
            // The agent holds the whole assignment back where one file is not what the server last heard of.
            if ($there !== $this->state->report($application)->sha256 && $there !== $file->sha256) {
                return;
            }
        }
        foreach ($due as $application => $file) {
            $this->put($application, $file);
        }
        if (! $mayLose || $this->random->getInt(0, 4) > 0) {
            $this->report();
        }
    }

    private function put(string $application, DueFile $file): void
    {
        $there = $this->folder[$application];
        if ($there !== null && $there !== $file->sha256 && isset($this->byHand[$there])) {
            // By hand, and not given up: only for whoever sits there, since it comes back, or after them, since it is theirs.
            expect($this->found !== null)->toBeTrue("{$there} was lost: ".implode(' ', $this->told));
        }
        // What is given while nothing of a guest's is there is what they find.
        if (
            $this->found !== null &&
            ! $this->isGuests($this->installed[$application]) &&
            in_array($file->source, [Source::Release, Source::Own], true)
        ) {
            $this->found[$application] = $file->sha256;
        }
        $this->folder[$application] = $file->sha256;
        $this->installed[$application] = $file->given;
    }

    /** When nobody does anything more, all that is due comes to be, and who sat there has left nothing. */
    public function settle(): void
    {
        $this->isOnline = true;
        $found = $this->found;
        $this->leave();
        $this->number++;
        $replaced = array_filter(self::APPLICATIONS, fn (string $one): bool => ($this->state->found()[$one] ?? null)?->isReplaced === true);
        $wasGivenBack = [];
        for ($round = 0; $round < 6; $round++) {
            $giving = $this->state->isGivingBack();
            $this->agent(false);
            if ($giving && ! $this->state->isGivingBack()) {
                $wasGivenBack = $this->folder;
            }
        }
        expect($this->state->isGivingBack())->toBeFalse(implode(' ', $this->told));
        foreach ($found === null ? [] : $replaced as $application) {
            if ($wasGivenBack !== []) {
                expect($wasGivenBack[$application])->toBe($found[$application], "{$application}: ".implode(' ', $this->told));
            }
        }
        foreach (self::APPLICATIONS as $application) {
            $due = $this->state->due()[$application] ?? null;
            $there = $this->folder[$application];
            if ($due !== null && $there !== $due->sha256) {
                expect($there !== null && $there !== $this->installed[$application])->toBeTrue(
                    "{$application}: ".implode(' ', $this->told),
                );
            }
            expect($this->isGuests($there))->toBeFalse(implode(' ', $this->told));
        }
    }
}

test('whatever happens to a suite, nothing made by hand is lost, guests leave nothing, and what is due comes', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    for ($run = 0; $run < 400; $run++) {
        $suite = new RandomSuite($random);
        for ($step = $random->getInt(5, 40); $step > 0; $step--) {
            $suite->step();
        }
        $suite->settle();
    }
})->with(range(1, 12));
