<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\RequestRefused;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write whose answer was lost is asked again under the same `Idempotency-Key`, and gets the first answer. The answer is stored in the
 * transaction of the write itself: one is never there without the other, wherever the server stops. It is known for a day, and closed with
 * the application key, for some answers show a secret this once.
 */
final readonly class Idempotency
{
    public const HEADER = 'Idempotency-Key';

    /** Headers that belong to an answer; cookies and dates do not. */
    private const STORED_HEADERS = ['Content-Type', 'Content-Disposition', 'ETag'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->headers->get(self::HEADER);
        $user = $request->user();
        if ($key === null || $request->isMethodSafe() || $user === null) {
            return $next($request);
        }
        if (preg_match('/^[\w-]{8,80}$/', $key) !== 1) {
            throw RequestRefused::idempotencyKeyUnreadable();
        }
        $row = ['user_id' => $user->getAuthIdentifier(), 'key' => $key];
        $digest = $this->digest($request);
        $level = DB::transactionLevel();
        DB::beginTransaction();
        try {
            // Who comes second with the same key waits here until the first is done.
            $isFirst =
                DB::table('idempotency_keys')->insertOrIgnore([...$row, 'request_digest' => $digest, 'status' => 0, 'body' => '']) === 1;
            $response = $isFirst ? $next($request) : null;
            if ($response?->isSuccessful() && is_string($response->getContent())) {
                $this->store($row, $response);
                DB::commit();
            }
        } finally {
            // What was refused leaves nothing behind.
            if (DB::transactionLevel() > $level) {
                DB::rollBack($level);
            }
        }

        return $response ?? $this->again($row, $digest);
    }

    /** @param  array{user_id: mixed, key: string}  $row */
    private function store(array $row, Response $response): void
    {
        DB::table('idempotency_keys')
            ->where($row)
            ->update([
                'status' => $response->getStatusCode(),
                'headers' => json_encode($this->stored($response), JSON_THROW_ON_ERROR),
                'body' => Crypt::encryptString((string) $response->getContent()),
            ]);
    }

    /** @param  array{user_id: mixed, key: string}  $row */
    private function again(array $row, string $digest): Response
    {
        $first = DB::table('idempotency_keys')->where($row)->first();
        if ($first === null || $first->request_digest !== $digest) {
            throw RequestRefused::idempotencyKeyReused();
        }

        return new \Illuminate\Http\Response(Crypt::decryptString($first->body), $first->status, [
            ...json_decode($first->headers, true),
            'Idempotent-Replayed' => 'true',
        ]);
    }

    /** @return array<string, string> */
    private function stored(Response $response): array
    {
        $stored = [];
        foreach (self::STORED_HEADERS as $name) {
            $value = $response->headers->get($name);
            if ($value !== null) {
                $stored[$name] = $value;
            }
        }

        return $stored;
    }

    private function digest(Request $request): string
    {
        $files = array_map(static fn (UploadedFile $one): string|false => hash_file('sha256', $one->getPathname()), Uploads::of($request));
        $whole = [$request->method(), $request->getRequestUri(), $request->getContent(), $request->request->all(), $files];

        // With the application key: a password stands in some requests, and a plain digest could be tried against.
        return hash_hmac('sha256', json_encode($whole, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), config()->string('app.key'));
    }
}
