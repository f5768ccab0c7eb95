<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Every request has a name, in its log lines and in its answer, by which one is found from the other. */
final readonly class AssignRequestId
{
    private const HEADER = 'X-Request-Id';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $given = (string) $request->headers->get(self::HEADER);
        $name = preg_match('/^[\w-]{8,64}$/', $given) === 1 ? $given : (string) Str::ulid();
        Context::add('request', $name);
        $response = $next($request);
        $response->headers->set(self::HEADER, $name);

        return $response;
    }
}
