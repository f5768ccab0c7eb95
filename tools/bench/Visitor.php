<?php

declare(strict_types=1);

/** Somebody at a page, and an agent, who ask over one connection each that stays open. */
final class Visitor
{
    /** The keyboard that all who are measured sit at. */
    public const SEAT = 'system=linux&board=full-ansi&layout=us';

    public const HERE = '?'.self::SEAT;

    private readonly CurlHandle $person;

    private readonly CurlHandle $agent;

    private string $token = '';

    public function __construct(private readonly string $address)
    {
        $this->person = curl_init();
        $this->agent = curl_init();
        curl_setopt($this->person, CURLOPT_COOKIEFILE, '');
    }

    public function signIn(string $email, string $password): void
    {
        $this->get('/session');
        $this->send('POST', '/session', ['email' => $email, 'password' => $password]);
    }

    /** @return float in ms */
    public function time(string $path, string $tag = ''): float
    {
        return $this->get($path, $tag)['time'];
    }

    /** @return array<string, mixed> */
    public function json(string $path): array
    {
        return json_decode($this->get($path)['body'], true, 64, JSON_THROW_ON_ERROR);
    }

    /** @return array{time: float, body: string, tag: string} */
    public function get(string $path, string $tag = ''): array
    {
        return $this->ask($this->person, 'GET', $path, null, $tag === '' ? [] : ["If-None-Match: {$tag}"]);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public function send(string $method, string $path, array $data): array
    {
        return (array) json_decode($this->ask($this->person, $method, $path, $data)['body'], true);
    }

    public function timeAgent(string $token): float
    {
        return $this->ask($this->agent, 'GET', '/agent/assignment', null, [
            "Authorization: Bearer {$token}",
            'Agent-Instance: bench',
        ])['time'];
    }

    /** @return float answers a second, with so many questions under way at a time */
    public function together(string $path, int $atOnce, int $all): float
    {
        $cookies = [];
        foreach (curl_getinfo($this->person, CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", $line);
            $cookies[] = "{$parts[5]}={$parts[6]}";
        }
        $multi = curl_multi_init();
        $open = 0;
        $begun = 0;
        $start = hrtime(true);
        do {
            for (; $open < $atOnce && $begun < $all; $open++, $begun++) {
                $handle = curl_init($path === '' ? "{$this->address}/up" : "{$this->address}/api{$path}");
                curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIE => implode('; ', $cookies)]);
                curl_multi_add_handle($multi, $handle);
            }
            curl_multi_exec($multi, $active);
            curl_multi_select($multi, 0.01);
            while (($done = curl_multi_info_read($multi)) !== false) {
                if (curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) !== 200) {
                    throw new RuntimeException("{$path}: ".curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE));
                }
                curl_multi_remove_handle($multi, $done['handle']);
                $open--;
            }
        } while ($open > 0 || $begun < $all);

        return $all / ((hrtime(true) - $start) / 1e9);
    }

    /**
     * @param  array<string, mixed>|null  $data
     * @param  list<string>  $headers
     * @return array{time: float, body: string, tag: string}
     */
    private function ask(CurlHandle $handle, string $method, string $path, ?array $data, array $headers = []): array
    {
        $found = [];
        curl_setopt_array($handle, [
            CURLOPT_URL => "{$this->address}/api{$path}",
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $data === null ? null : json_encode($data, JSON_THROW_ON_ERROR),
            CURLOPT_HTTPGET => $data === null,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                ...$data === null ? [] : ['Content-Type: application/json', "X-XSRF-TOKEN: {$this->token}"],
                ...$headers,
            ],
            CURLOPT_HEADERFUNCTION => static function (CurlHandle $handle, string $line) use (&$found): int {
                [$name, $value] = explode(':', $line, 2) + [1 => ''];
                $found[strtolower($name)][] = trim($value);

                return strlen($line);
            },
        ]);
        $start = hrtime(true);
        $body = (string) curl_exec($handle);
        $time = (hrtime(true) - $start) / 1e6;
        foreach ($found['set-cookie'] ?? [] as $cookie) {
            if (preg_match('/^XSRF-TOKEN=([^;]+)/', $cookie, $token) === 1) {
                $this->token = urldecode($token[1]);
            }
        }
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        if ($status >= 400 || $status === 0) {
            throw new RuntimeException("{$method} {$path}: {$status} {$body}");
        }

        return ['time' => $time, 'body' => $body, 'tag' => $found['etag'][0] ?? ''];
    }
}
