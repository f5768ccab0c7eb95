<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\RequestRefused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What no text, number or name may be, whatever it is for: bytes that are no UTF-8, the character NUL, numbers beyond what a number can be,
 * nesting without end. Refused here once, so that nothing behind meets it.
 */
final readonly class RejectMalformedInput
{
    private const DEEPEST = 64;

    /** The whole numbers that JSON carries exactly (RFC 8259, 6). */
    private const LARGEST = 9_007_199_254_740_991;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws RequestRefused
     */
    public function handle(Request $request, Closure $next): Response
    {
        if (
            preg_match('/%00|\x00/', $request->getRequestUri()) === 1 ||
            ! mb_check_encoding(rawurldecode($request->getPathInfo()), 'UTF-8')
        ) {
            throw RequestRefused::malformedText('the address');
        }
        self::check($request->query->all(), 'the query', 0);
        if ($request->isJson() && $request->getContent() !== '') {
            $body = json_decode($request->getContent(), true, self::DEEPEST * 2);
            if (json_last_error() !== JSON_ERROR_NONE) {
                throw RequestRefused::malformedJson(json_last_error_msg());
            }
            if (! is_array($body)) {
                throw RequestRefused::malformedJson('an object is wanted');
            }
            self::check($body, 'the request', 0);
        } else {
            self::check($request->request->all(), 'the form', 0);
        }
        foreach (Uploads::of($request) as $file) {
            self::text($file->getClientOriginalName(), 'the name of a file');
        }
        foreach (['Agent-Instance', 'Idempotency-Key', 'User-Agent'] as $header) {
            self::text((string) $request->headers->get($header), "the header {$header}");
        }

        return $next($request);
    }

    /** @param  array<mixed>  $values */
    private static function check(array $values, string $where, int $depth): void
    {
        if ($depth > self::DEEPEST) {
            throw RequestRefused::tooDeep($where);
        }
        foreach ($values as $key => $value) {
            self::text((string) $key, $where);
            match (true) {
                is_array($value) => self::check($value, $where, $depth + 1),
                is_string($value) => self::text($value, "{$where}, at {$key}"),
                is_int($value) && abs($value) > self::LARGEST,
                is_float($value) && (! is_finite($value) || abs($value) > self::LARGEST) => throw RequestRefused::malformedNumber(
                    "{$where}, at {$key}",
                ),
                default => null,
            };
        }
    }

    private static function text(string $text, string $where): void
    {
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw RequestRefused::malformedText($where);
        }
    }
}
