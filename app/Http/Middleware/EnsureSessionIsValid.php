<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A session ends for good some hours after it began, and at once when its account is disabled. */
final readonly class EnsureSessionIsValid
{
    public const BEGAN = 'began_at';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! self::isGone($request)) {
            return $next($request);
        }
        if ($request->hasSession()) {
            $request->session()->invalidate();
        }
        throw new AuthenticationException();
    }

    public static function isGone(Request $request): bool
    {
        $user = $request->user();
        if ($user instanceof User && ! $user->isActive()) {
            return true;
        }
        $began = $request->hasSession() ? $request->session()->get(self::BEGAN) : null;

        return is_int($began) && $began + config()->integer('session.most_hours') * 3600 <= now()->getTimestamp();
    }
}
