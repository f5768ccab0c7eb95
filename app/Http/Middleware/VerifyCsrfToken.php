<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Override;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write comes from this page and no other. Who is signed in proves it with the token of the session; who is not has none, and there the
 * browser's own word counts: it names the page that a write comes from. A script's token is never sent by a browser by itself.
 */
final class VerifyCsrfToken extends ValidateCsrfToken
{
    /** Writes of people who are not signed in. */
    protected $except = ['api/session', 'api/set-up', 'api/opened-invitations', 'api/accounts', 'api/password-resets'];

    /** @param  Request  $request */
    #[Override]
    public function handle($request, Closure $next): mixed
    {
        if (! $request->hasSession()) {
            return $next($request);
        }
        $origin = $request->headers->get('Origin');
        if (! $this->isReading($request) && $origin !== null && $origin !== $request->getSchemeAndHttpHost()) {
            throw new TokenMismatchException();
        }

        return parent::handle($request, $next);
    }

    /** @param  Request  $request */
    #[Override]
    protected function addCookieToResponse($request, $response): Response
    {
        return $request->user() === null ? $response : parent::addCookieToResponse($request, $response);
    }

    /** Signing out is a write of somebody who is signed in. */
    #[Override]
    protected function inExceptArray($request): bool
    {
        return ! $request->isMethod('DELETE') && parent::inExceptArray($request);
    }
}
