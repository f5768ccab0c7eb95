<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Suite\Reports;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A workstation's agent shows its suite's token; everything it asks is about that suite. */
final readonly class IdentifySuite
{
    public const ATTRIBUTE = 'suite';

    public function __construct(private Reports $reports)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $suite = Suite::query()->where('token_hash', Suite::hashToken($request->bearerToken() ?? ''))->first();
        if ($suite === null) {
            throw new AuthenticationException();
        }
        $this->reports->identify($suite, self::instance($request));
        $request->attributes->set(self::ATTRIBUTE, $suite);

        return $next($request);
    }

    /** What tells one agent from another with the same token. */
    public static function instance(Request $request): string
    {
        $named = $request->header('Agent-Instance');

        return is_string($named) ? substr($named, 0, 60) : 'unnamed';
    }
}
