<?php

declare(strict_types=1);

/** Many agents at once, each with its own token: what they ask goes out together, and every answer is timed. */
final class Swarm
{
    /** @var array<int, string> the tag of the answer that each has */
    public array $tags = [];

    /** @var array<int, array<string, mixed>> the assignment that each has */
    public array $assignments = [];

    /** @var array<int, int> */
    private array $sequences = [];

    /** @var array<int, array<string, array<string, mixed>>> what each has, by application */
    private array $there = [];

    public function __construct(private readonly string $address, private readonly int $agents)
    {
    }

    public static function token(int $number): string
    {
        return "bench-token-{$number}";
    }

    /** @return list<int> */
    public function all(): array
    {
        return range(1, $this->agents);
    }

    /**
     * Asks for the assignments.
     *
     * @param  list<int>  $agents
     * @param  int  $together  how many at a time
     * @return array{times: list<float>, statuses: list<int>} times in ms
     */
    public function ask(array $agents, int $together = 16): array
    {
        return $this->send(
            array_map(
                fn (int $one): array => [
                    $one,
                    'GET',
                    'assignment',
                    null,
                    isset($this->tags[$one]) ? ["If-None-Match: {$this->tags[$one]}"] : [],
                ],
                $agents,
            ),
            $together,
            function (int $agent, int $status, string $body, string $tag): void {
                if ($status === 200) {
                    $this->tags[$agent] = $tag;
                    $this->assignments[$agent] = json_decode($body, true);
                }
            },
        );
    }

    /**
     * Tells that these have what is due.
     *
     * @param  list<int>  $agents
     */
    public function tell(array $agents): void
    {
        $this->send(
            array_map(function (int $one): array {
                $this->there[$one] ??= ['cutloom' => ['application' => 'cutloom', 'sha256' => null, 'installed' => null]];
                foreach ($this->assignments[$one]['install'] ?? [] as $file) {
                    $this->there[$one][$file['application']] = [
                        'application' => $file['application'],
                        'sha256' => $file['sha256'],
                        'installed' => $file['given'],
                        'loaded' => true,
                    ];
                }

                return [
                    $one,
                    'POST',
                    'report',
                    [
                        // Higher than whatever was told before.
                        'sequence' => ($this->sequences[$one] = max(($this->sequences[$one] ?? 0) + 1, (int) (microtime(true) * 1000))),
                        'at' => time(),
                        'version' => '1.0',
                        'number' => $this->assignments[$one]['number'] ?? 0,
                        'files' => array_values($this->there[$one]),
                        'running' => [],
                        'copies' => [],
                    ],
                    [],
                ];
            }, $agents),
            16,
            static function (int $agent, int $status, string $body): void {
                if ($status !== 200) {
                    throw new RuntimeException("Agent {$agent} was answered {$status}: {$body}");
                }
            },
        );
    }

    /**
     * @param  list<array{int, string, string, array<string, mixed>|null, list<string>}>  $requests
     * @param  callable(int, int, string, string): void  $take  agent, status, body, tag
     * @return array{times: list<float>, statuses: list<int>}
     */
    private function send(array $requests, int $together, callable $take): array
    {
        $multi = curl_multi_init();
        $running = [];
        $times = [];
        $statuses = [];
        $next = 0;
        do {
            while (count($running) < $together && $next < count($requests)) {
                [$agent, $method, $path, $body, $headers] = $requests[$next++];
                $handle = curl_init("{$this->address}/api/agent/{$path}");
                curl_setopt_array($handle, [
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_HEADER => true,
                    CURLOPT_CUSTOMREQUEST => $method,
                    CURLOPT_HTTPHEADER => [
                        'Authorization: Bearer '.self::token($agent),
                        "Agent-Instance: agent-{$agent}",
                        'Accept: application/json',
                        'Content-Type: application/json',
                        ...$headers,
                    ],
                ]);
                if ($body !== null) {
                    curl_setopt($handle, CURLOPT_POSTFIELDS, json_encode($body, JSON_THROW_ON_ERROR));
                }
                curl_multi_add_handle($multi, $handle);
                $running[(int) $handle] = [$handle, $agent];
            }
            curl_multi_exec($multi, $active);
            curl_multi_select($multi, 0.01);
            while (($done = curl_multi_info_read($multi)) !== false) {
                [$handle, $agent] = $running[(int) $done['handle']];
                $answer = (string) curl_multi_getcontent($handle);
                $head = substr($answer, 0, curl_getinfo($handle, CURLINFO_HEADER_SIZE));
                $tag = preg_match('/^etag:\s*(\S+)/im', $head, $found) === 1 ? $found[1] : '';
                $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
                $times[] = curl_getinfo($handle, CURLINFO_TOTAL_TIME) * 1000;
                $statuses[] = $status;
                $take($agent, $status, substr($answer, strlen($head)), $tag);
                curl_multi_remove_handle($multi, $handle);
                unset($running[(int) $handle]);
            }
        } while ($running !== [] || $next < count($requests));

        return ['times' => $times, 'statuses' => $statuses];
    }
}
