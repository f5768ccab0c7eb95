<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Scripts, styles and fonts come from this server only, and no page may be framed. */
final readonly class SecurityHeaders
{
    private const POLICY =
        "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; ".
        "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // A page that stands for itself, such as a list to print, says more narrowly what it may do.
        $policy = $response->headers->get('Content-Security-Policy', self::POLICY);
        $response->headers->add([
            'Content-Security-Policy' => $policy,
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'X-Frame-Options' => 'DENY',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=()',
        ]);
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        if ($request->is('api/*') && ! $response->headers->has('ETag')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
