<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Override;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sessions are for people who are signed in: who only looks at the door leaves no row and gets no cookie, and a script's token needs none.
 */
final class StartPersonSession extends StartSession
{
    /** Where somebody comes in; a token that is shown there as well counts for nothing. */
    private const DOORS = ['api/session', 'api/set-up', 'api/accounts'];

    /** @param  Request  $request */
    #[Override]
    public function handle($request, Closure $next): mixed
    {
        $isScript = $request->bearerToken() !== null && ! $request->is(self::DOORS);

        return $isScript ? $next($request) : parent::handle($request, $next);
    }

    /** Nothing here leads back to an address that was asked for before. */
    #[Override]
    protected function storeCurrentUrl(Request $request, $session): void
    {
    }

    #[Override]
    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (self::isSomebodys($session)) {
            parent::addCookieToResponse($response, $session);
        }
    }

    /** @param  Request  $request */
    #[Override]
    protected function saveSession($request): void
    {
        $session = $request->session();
        if (self::isSomebodys($session)) {
            if (! $session->has(EnsureSessionIsValid::BEGAN)) {
                $session->put(EnsureSessionIsValid::BEGAN, now()->getTimestamp());
            }
            parent::saveSession($request);
        }
    }

    private static function isSomebodys(Session $session): bool
    {
        foreach (array_keys($session->all()) as $key) {
            if (str_starts_with((string) $key, 'login_')) {
                return true;
            }
        }

        return false;
    }
}
