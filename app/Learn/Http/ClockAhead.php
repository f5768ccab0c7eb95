<?php

declare(strict_types=1);

namespace App\Learn\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets what comes in days and weeks be tried in a minute: the file that CLOCK_AHEAD_FILE names holds the seconds by which the clock is
 * ahead, for what comes after this. Without that setting, which no house has, the clock is the clock.
 */
final readonly class ClockAhead
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $file = config('app.clock_ahead_file');
        if (! is_string($file) || ! is_file($file)) {
            return $next($request);
        }
        $seconds = (int) file_get_contents($file);
        Carbon::setTestNow(static fn (Carbon $real): Carbon => $real->addSeconds($seconds));
        try {
            return $next($request);
        } finally {
            Carbon::setTestNow();
        }
    }
}
