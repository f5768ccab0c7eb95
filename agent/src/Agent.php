<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

use Throwable;

/** Asks what should be there, puts it there, tells what is there. Every step may be repeated, and nothing is remembered but on disk. */
final class Agent
{
    private const RETRY_AFTER_MS = 1000;

    private readonly Report $report;

    private readonly UsageLogs $usage;

    private string $tag = '';

    /** @var array<string, mixed> the assignment as the server last told it */
    private array $assignment = [];

    /** @var array<string, string> */
    private array $held = [];

    /** Digest of the last report that the server took. */
    private string $told = '';

    /** @var array<int, array<string, mixed>> answers to presses by their number, so that none is made twice */
    private array $pressed = [];

    public function __construct(
        private readonly Server $server,
        private readonly Workstation $workstation,
        private readonly Installer $installer,
        private readonly StateFolder $state,
    ) {
        $this->report = new Report($workstation, $state);
        $this->usage = new UsageLogs($workstation, $state);
    }

    public function run(): never
    {
        while (true) {
            usleep(max(10, $this->round()) * 1000);
        }
    }

    /** @return int after how many ms the next round is due */
    public function round(): int
    {
        try {
            $stuck = $this->installer->goOn();
            $this->held = $stuck === [] ? $this->held : $stuck;
            $this->tell();
            $answer = $this->server->assignment($this->tag);
            if ($answer !== null) {
                [$this->tag, $this->assignment] = $answer;
                $this->held = [];
            }
            $this->answerPresses();
            $this->tellUsage();
            $isDone = $this->install();
            $this->tell();

            return $isDone ? 0 : (int) ($this->assignment['poll_after_ms'] ?? self::RETRY_AFTER_MS);
        } catch (ServerSilent $silence) {
            fwrite(STDERR, gmdate('c')." {$silence->getMessage()}\n");

            return self::RETRY_AFTER_MS;
        }
    }

    /** @return bool whether anything was put there */
    private function install(): bool
    {
        $files = $this->assignment['install'] ?? [];
        $due = array_filter(
            $files,
            fn (array $file): bool => $this->installer->digest($file['application']) !== $file['sha256'] ||
                $this->state->installed($file['application']) !== $file['given'],
        );
        if ($due === []) {
            return false;
        }
        foreach ($due as ['sha256' => $sha256]) {
            if ($sha256 !== null && $this->state->fetched($sha256) === null) {
                $bytes = $this->server->file($sha256);
                if (hash('sha256', $bytes) !== $sha256) {
                    throw new ServerSilent("The file {$sha256} did not arrive whole; nothing was written.");
                }
                try {
                    $this->state->fetch($sha256, $bytes);
                } catch (CannotWrite $error) {
                    $this->held = array_fill_keys(array_column($due, 'application'), $error->held);

                    return false;
                }
            }
        }
        $waitFor = ($this->assignment['when'] ?? 'now') === 'closed' ? $this->workstation->running() : [];
        $this->held = $this->installer->install($this->assignment['number'], $files, $waitFor);
        $this->state->forgetFetchedBut(array_values(array_filter(array_column($files, 'sha256'), is_string(...))));

        return $this->held === [];
    }

    private function tell(): void
    {
        $report = $this->report->of($this->held, $this->assignment['system'] ?? 'linux', $this->assignment['number'] ?? 0);
        $digest = hash('sha256', json_encode($report, JSON_THROW_ON_ERROR));
        if ($digest === $this->told) {
            return;
        }
        $answer = $this->server->report($report + ['at' => time(), 'sequence' => $this->report->sequence()]);
        foreach ($answer['missing'] ?? [] as $sha256) {
            $bytes = $this->report->bytes($sha256);
            if ($bytes !== null) {
                $this->server->sendFile($sha256, $bytes);
            }
        }
        // What nobody has stored yet is told again, now that it was sent.
        $this->told = ($answer['missing'] ?? []) === [] ? $digest : '';
    }

    private function tellUsage(): void
    {
        $asked = $this->assignment['usage'] ?? null;
        $this->usage->tell($asked, function (string $application, array $rows) use ($asked): void {
            $this->server->tellUsage($asked['sitting'], $application, $rows);
        });
    }

    private function answerPresses(): void
    {
        foreach ($this->assignment['presses'] ?? [] as $press) {
            if (! isset($this->pressed[$press['id']])) {
                try {
                    $this->pressed[$press['id']] = [
                        'done' => true,
                        'answer' => $this->workstation->press($press, $this->assignment['system']),
                    ];
                } catch (Throwable $error) {
                    $this->pressed[$press['id']] = ['done' => false, 'answer' => ['error' => $error->getMessage()]];
                }
                $this->pressed = array_slice($this->pressed, -100, null, true);
            }
            $this->server->answerPress($press['id'], $this->pressed[$press['id']]);
        }
    }
}
