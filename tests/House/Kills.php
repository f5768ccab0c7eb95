<?php

declare(strict_types=1);

namespace Tests\House;

/** Kills parts of a running place while somebody writes, and says what became of the writes. */
final class Kills
{
    private const PARTS = ['php', 'web', 'scheduler', 'queue-1', 'database', 'workstation-avocet'];

    /** So long a page goes on asking under one key. */
    private const SECONDS_TO_ASK = 20;

    private int $written = 0;

    /** @var list<string> names of what the server said it has made */
    private array $acknowledged = [];

    private float $slowest = 0;

    public function __construct(private readonly Checkout $checkout)
    {
    }

    /** @return array{kills: int, acknowledged: int, lost: int, doubled: int, asked_in_vain: int, slowest_seconds: float, standing: bool} */
    public function under(int $kills, int $seed): array
    {
        mt_srand($seed);
        $this->checkout->signIn('picture');
        for ($kill = 0; $kill < $kills; $kill++) {
            $part = self::PARTS[mt_rand(0, count(self::PARTS) - 1)];
            $this->write();
            $process = $this->checkout->processOf($part);
            if ($process !== null) {
                posix_kill($process, SIGKILL);
            }
            $this->write();
            $this->write();
            usleep(mt_rand(0, 400_000));
        }
        $isStanding = fn (): bool => $this->checkout->isReady() && ! str_contains($this->checkout->run('status')[0], 'not running');
        $this->checkout->waitUntil($isStanding);
        $stored = array_count_values(array_column($this->checkout->ask('GET', '/api/intents')['data']['intents'], 'name'));
        $times = array_map(static fn (string $name): int => $stored[$name] ?? 0, $this->acknowledged);

        return [
            'kills' => $kills,
            'acknowledged' => count($this->acknowledged),
            'lost' => count(array_keys($times, 0, true)),
            'doubled' => count(array_filter($times, static fn (int $one): bool => $one > 1)),
            'asked_in_vain' => $this->written - count($this->acknowledged),
            'slowest_seconds' => round($this->slowest, 1),
            'standing' => $isStanding(),
        ];
    }

    /** As the page writes: under one key, again and again until there is an answer. */
    private function write(): void
    {
        $name = 'Kill '.++$this->written;
        $body = ['name' => $name, 'group' => 'view', 'frequency' => 'often', 'synonyms' => []];
        $key = 'kill-'.bin2hex(random_bytes(8));
        $began = microtime(true);
        do {
            $answer = $this->checkout->ask('POST', '/api/intents', $body, headers: ["Idempotency-Key: {$key}"]);
            if ($answer['status'] === 201) {
                $this->acknowledged[] = $name;
                break;
            }
            usleep(250_000);
        } while (microtime(true) - $began < self::SECONDS_TO_ASK);
        $this->slowest = max($this->slowest, microtime(true) - $began);
    }
}
