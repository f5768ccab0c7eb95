<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\RequestRefused;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** Long work: each person has one piece of it under way. */
final readonly class LimitConcurrency
{
    /** So long at most a worker that was killed stands in the way. */
    private const SECONDS = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $lock = Cache::lock('long-work-'.$request->user()?->getAuthIdentifier(), self::SECONDS);
        if (! $lock->get()) {
            throw RequestRefused::busy();
        }
        try {
            return $next($request);
        } finally {
            $lock->release();
        }
    }
}
