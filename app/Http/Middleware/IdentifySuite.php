<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Suite;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A workstation's agent shows its suite's token; everything it asks is about that suite. */
final readonly class IdentifySuite
{
    public const ATTRIBUTE = 'suite';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $suite = Suite::query()->where('token_hash', Suite::hashToken($request->bearerToken() ?? ''))->first();
        if ($suite === null) {
            throw new AuthenticationException();
        }
        $request->attributes->set(self::ATTRIBUTE, $suite);

        return $next($request);
    }
}
