<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

use Closure;

/**
 * Puts key files there, all or none, each in place of exactly the file that was told of. New files are written beside the old ones first;
 * then a journal says what is about to be done; from there on it is only gone forward, however often it is interrupted.
 *
 * @phpstan-import-type Entry from StateFolder
 * @phpstan-import-type Journal from StateFolder
 */
final class Installer
{
    private const NEW = '.zebrafinch-new';

    /** @param  (Closure(string): void)|null  $between  told after each step, by its name; for whoever wants to interrupt it there */
    public function __construct(
        private readonly Workstation $workstation,
        private readonly StateFolder $state,
        private readonly ?Closure $between = null,
    ) {
    }

    /**
     * @param  int  $number  of the assignment
     * @param  list<Entry>  $files
     * @param  list<string>  $waitFor  applications that are not touched while they run
     * @return array<string, string> why nothing was installed, by application; empty when all was
     */
    public function install(int $number, array $files, array $waitFor = []): array
    {
        $this->goOn();
        $held = $this->heldBack($files, $waitFor);
        if ($held !== []) {
            return $held;
        }
        $application = '';
        try {
            foreach ($files as ['application' => $application, 'sha256' => $sha256]) {
                $this->prepare($application, $sha256);
            }
            $this->state->begin(['number' => $number, 'files' => $files]);
            $this->step('journal');

            return $this->finish(['number' => $number, 'files' => $files]);
        } catch (CannotWrite $error) {
            if ($this->state->journal() === null) {
                $this->sweep();
            }

            return [$application => $error->held];
        }
    }

    /**
     * Finishes what was interrupted.
     *
     * @return array<string, string> why it cannot go on, by application
     */
    public function goOn(): array
    {
        $journal = $this->state->journal();
        if ($journal === null) {
            $this->sweep();

            return [];
        }
        try {
            return $this->finish($journal);
        } catch (CannotWrite $error) {
            return array_fill_keys(array_column($journal['files'], 'application'), $error->held);
        }
    }

    /** Digest of a key file; null when there is none, false when it cannot be read. */
    public function digest(string $application): string|false|null
    {
        $bytes = $this->workstation->disk()->read($this->path($application));

        return is_string($bytes) ? hash('sha256', $bytes) : $bytes;
    }

    /**
     * @param  list<Entry>  $files
     * @param  list<string>  $waitFor
     * @return array<string, string>
     */
    private function heldBack(array $files, array $waitFor): array
    {
        $held = [];
        foreach ($files as ['application' => $application, 'sha256' => $sha256, 'replaces' => $replaces]) {
            $there = isset($this->workstation->files()[$application]) ? $this->digest($application) : false;
            if ($there === false) {
                $held[$application] = 'unreadable';
            } elseif ($there !== $sha256 && $there !== $replaces) {
                $held[$application] = 'changed';
            } elseif ($there !== $sha256 && in_array($application, $waitFor, true)) {
                $held[$application] = 'running';
            }
        }

        return $held;
    }

    /** @throws CannotWrite */
    private function prepare(string $application, ?string $sha256): void
    {
        $there = $this->workstation->disk()->read($this->path($application));
        if (is_string($there) && hash('sha256', $there) === $sha256) {
            return;
        }
        if (is_string($there)) {
            $this->state->copies()->add($application, $there, time());
            $this->step("copy of {$application}");
        }
        if ($sha256 !== null) {
            $this->writeNew($application, $sha256);
            $this->step("new {$application}");
        }
    }

    /** @throws CannotWrite */
    private function writeNew(string $application, string $sha256): void
    {
        $bytes = $this->state->fetched($sha256) ?? ($this->state->copies()->read($sha256) ?? throw CannotWrite::full($sha256));
        $this->workstation->disk()->write($this->path($application).self::NEW, $bytes);
    }

    /**
     * @param  Journal  $journal
     * @return array<string, string> what was changed by hand in the very moment, and so was left
     *
     * @throws CannotWrite
     */
    private function finish(array $journal): array
    {
        $given = [];
        $left = [];
        foreach ($journal['files'] as ['application' => $application, 'sha256' => $sha256, 'replaces' => $replaces, 'given' => $note]) {
            $there = $this->digest($application);
            if ($there !== $sha256 && $there !== $replaces) {
                $left[$application] = 'changed';

                continue;
            }
            if ($there !== $sha256) {
                $this->exchange($application, $sha256);
                $this->step("exchange of {$application}");
            }
            $given[$application] = $note;
        }
        $this->state->note($journal['number'], $given);
        $this->step('note');
        $this->state->end();
        $this->step('end');
        $this->sweep();

        return $left;
    }

    /** @throws CannotWrite */
    private function exchange(string $application, ?string $sha256): void
    {
        $disk = $this->workstation->disk();
        $path = $this->path($application);
        if ($sha256 === null) {
            $disk->remove($path);

            return;
        }
        $new = $disk->read($path.self::NEW);
        if (! is_string($new) || hash('sha256', $new) !== $sha256) {
            $this->writeNew($application, $sha256);
        }
        $disk->rename($path.self::NEW, $path);
    }

    /** New files that nobody waits for go. */
    private function sweep(): void
    {
        foreach (array_keys($this->workstation->files()) as $application) {
            try {
                $this->workstation->disk()->remove($this->path($application).self::NEW);
            } catch (CannotWrite) {
                // It goes when the folder can be written again.
            }
        }
    }

    private function path(string $application): string
    {
        return $this->workstation->files()[$application] ?? throw new AgentRefuses("This workstation has no key file of {$application}.");
    }

    private function step(string $name): void
    {
        if ($this->between !== null) {
            ($this->between)($name);
        }
    }
}
