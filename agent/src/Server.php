<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** What an agent and the server say to each other over HTTP. docs/workstations.md describes it. */
final class Server
{
    private const SECONDS = 10;

    public function __construct(private readonly string $address, private readonly string $token, private readonly string $instance)
    {
    }

    /**
     * @param  string  $tag  of the answer that one has
     * @return array{string, array<string, mixed>}|null the tag and the assignment; null where it is still the one that one has
     */
    public function assignment(string $tag): ?array
    {
        [$status, $body, $headers] = $this->ask('GET', 'assignment', '', $tag === '' ? [] : ["If-None-Match: {$tag}"]);

        return $status === 304 ? null : [$headers['etag'] ?? '', $this->decoded($body)];
    }

    public function file(string $sha256): string
    {
        return $this->ask('GET', "files/{$sha256}")[1];
    }

    public function sendFile(string $sha256, string $bytes): void
    {
        $this->ask('PUT', "files/{$sha256}", $bytes, ['Content-Type: application/octet-stream']);
    }

    /**
     * @param  array<string, mixed>  $report
     * @return array<string, mixed>
     */
    public function report(array $report): array
    {
        return $this->decoded(
            $this->ask('POST', 'report', json_encode($report, JSON_THROW_ON_ERROR), ['Content-Type: application/json'])[1],
        );
    }

    /** @param  array<string, mixed>  $answer */
    public function answerPress(int $press, array $answer): void
    {
        $this->ask('POST', "presses/{$press}", json_encode($answer, JSON_THROW_ON_ERROR), ['Content-Type: application/json']);
    }

    /** @param  list<array{day: string, command: string, key: int, mouse: int}>  $rows */
    public function tellUsage(int $sitting, string $application, array $rows): void
    {
        $body = json_encode(['sitting' => $sitting, 'rows' => $rows], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        $this->ask('PUT', 'usage/'.rawurlencode($application), $body, ['Content-Type: application/json']);
    }

    /**
     * @param  list<string>  $headers
     * @return array{int, string, array<string, string>} status, body, and headers by their name in lower case
     *
     * @throws ServerSilent
     */
    private function ask(string $method, string $path, string $body = '', array $headers = []): array
    {
        $context = stream_context_create([
            'http' => [
                'method' => $method,
                'header' => [
                    'Accept: application/json',
                    "Authorization: Bearer {$this->token}",
                    "Agent-Instance: {$this->instance}",
                    ...$headers,
                ],
                'content' => $body,
                'timeout' => self::SECONDS,
                'ignore_errors' => true,
            ],
        ]);
        $answer = @file_get_contents("{$this->address}/api/agent/{$path}", false, $context);
        $found = [];
        foreach ($answer === false ? [] : $http_response_header as $line) {
            if (preg_match('~^HTTP/\S+ (\d{3})~', $line, $status) === 1) {
                $found = ['status' => $status[1]];
            } else {
                [$name, $value] = explode(':', $line, 2) + [1 => ''];
                $found[strtolower($name)] = trim($value);
            }
        }
        $status = (int) ($found['status'] ?? 0);
        if ($answer === false || $status === 0 || $status >= 400) {
            $said = is_string($answer) ? json_decode($answer, true) : null;
            throw new ServerSilent(
                $status === 0
                    ? "The server at {$this->address} does not answer."
                    : "The server answered {$status}: ".(is_array($said) ? $said['detail'] ?? '' : ''),
            );
        }

        return [$status, $answer, $found];
    }

    /** @return array<string, mixed> */
    private function decoded(string $body): array
    {
        $data = json_decode($body, true);

        return is_array($data) ? $data : throw new ServerSilent('The server answered something that is not JSON.');
    }
}
