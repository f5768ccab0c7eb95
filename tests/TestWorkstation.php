<?php

declare(strict_types=1);

namespace Tests;

use Database\Seeders\DemoWorld;
use Illuminate\Testing\TestResponse;

/** A workstation's folder and its agent as the server sees them, in memory. */
final class TestWorkstation
{
    /** @var array<string, string> bytes by application */
    public array $files = [];

    /** @var array<string, string|null> digests of what the agent last put there, by application */
    public array $installed = [];

    /** @var array<string, string> why something is not put there, by application */
    public array $held = [];

    /** @var array<string, string> what an application says that does not take its file */
    public array $refused = [];

    /** @var list<string> bytes of what was overwritten */
    public array $copies = [];

    /** @var array{application: string, context: string}|null */
    public ?array $focus = null;

    public string $instance = 'only-one';

    private int $sequence = 0;

    /** Of the assignment that it knows. */
    private int $number = 0;

    public function __construct(private readonly HttpCase $test, private readonly string $suite)
    {
    }

    /** Tells what is there, and sends what the server lacks. */
    public function report(?int $sequence = null): TestResponse
    {
        $report = [
            'sequence' => $sequence ?? ++$this->sequence,
            'at' => now()->getTimestamp(),
            'version' => '1.0',
            'number' => $this->number,
            'files' => array_map($this->told(...), ['cutloom', 'faderloft', 'easeframe', 'gradewell', 'rotomere', 'boardwick', 'desktop']),
            'running' => [],
            'copies' => array_map(
                static fn (string $bytes): array => [
                    'application' => 'cutloom',
                    'sha256' => hash('sha256', $bytes),
                    'taken_at' => now()->getTimestamp(),
                    'bytes' => strlen($bytes),
                ],
                $this->copies,
            ),
            'focus' => $this->focus,
        ];
        $answer = $this->ask('POST', 'report', $report)->assertOk();
        if ($answer->json('missing') === []) {
            return $answer;
        }
        foreach ($this->files as $bytes) {
            $this->send($bytes)->assertNoContent();
        }

        return $this->ask('POST', 'report', $report)->assertOk()->assertJsonPath('missing', []);
    }

    /** @return array<string, mixed> what should be there */
    public function assignment(): array
    {
        $assignment = $this->ask('GET', 'assignment')->assertOk()->json();
        $this->number = $assignment['number'];

        return $assignment;
    }

    /** One round: tells, asks, puts there what is due, tells again. */
    public function round(): self
    {
        $this->report();
        foreach ($this->assignment()['install'] as $file) {
            $application = $file['application'];
            $there = isset($this->files[$application]) ? hash('sha256', $this->files[$application]) : null;
            if (isset($this->held[$application]) || ($there !== $file['replaces'] && $there !== $file['sha256'])) {
                continue;
            }
            if ($there !== null && $there !== $file['sha256']) {
                $this->copies[] = $this->files[$application];
            }
            if ($file['sha256'] === null) {
                unset($this->files[$application]);
            } elseif ($there !== $file['sha256']) {
                $this->files[$application] = (string) $this->ask('GET', "files/{$file['sha256']}")->assertOk()->getContent();
            }
            $this->installed[$application] = $file['given'];
        }
        $this->report();

        return $this;
    }

    public function send(string $bytes, ?string $sha256 = null): TestResponse
    {
        $path = '/api/agent/files/'.($sha256 ?? hash('sha256', $bytes));
        $headers = ['HTTP_AUTHORIZATION' => 'Bearer '.DemoWorld::TOKENS[$this->suite], 'HTTP_AGENT_INSTANCE' => $this->instance];

        return $this->test->call('PUT', $path, [], [], [], $headers + ['HTTP_ACCEPT' => 'application/json'], $bytes);
    }

    /** @param  array<string, mixed>  $data */
    public function ask(string $method, string $path, array $data = []): TestResponse
    {
        return $this->test->asAgent($this->suite, $this->instance)->json($method, "/api/agent/{$path}", $data);
    }

    /** @return array<string, mixed> */
    private function told(string $application): array
    {
        $bytes = $this->files[$application] ?? null;

        return [
            'application' => $application,
            'sha256' => $bytes === null ? null : hash('sha256', $bytes),
            'installed' => $this->installed[$application] ?? null,
            'held' => $this->held[$application] ?? null,
            'loaded' => ! isset($this->refused[$application]),
            'says' => $this->refused[$application] ?? null,
        ];
    }
}
