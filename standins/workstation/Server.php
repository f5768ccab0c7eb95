<?php

declare(strict_types=1);

namespace Standins\Workstation;

use RuntimeException;

/** What an agent sends over HTTP, with its token. */
final class Server
{
    public function __construct(private readonly string $address, private readonly string $token)
    {
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    public function post(string $path, array $body): array
    {
        $context = stream_context_create([
            'http' => [
                'method' => 'POST',
                'header' => "Content-Type: application/json\r\nAccept: application/json\r\nAuthorization: Bearer {$this->token}",
                'content' => json_encode($body, JSON_THROW_ON_ERROR),
                'timeout' => 10,
                'ignore_errors' => true,
            ],
        ]);
        $answer = @file_get_contents("{$this->address}/api/agent/{$path}", false, $context);
        $status = preg_match('~^HTTP/\S+ (\d{3})~', $http_response_header[0] ?? '', $found) === 1 ? (int) $found[1] : 0;
        if ($answer === false || $status < 200 || $status >= 300) {
            throw new RuntimeException("The server answered {$status}.");
        }

        return $answer === '' ? [] : json_decode($answer, true, 64, JSON_THROW_ON_ERROR);
    }
}
