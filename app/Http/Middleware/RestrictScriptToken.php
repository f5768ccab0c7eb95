<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\Request;
use Laravel\Sanctum\PersonalAccessToken;
use Symfony\Component\HttpFoundation\Response;

/** A token for scripts does what its owner may, within its abilities; people, accounts and tokens are looked after by hand alone. */
final readonly class RestrictScriptToken
{
    public const READ = 'read';

    public const WRITE = 'write';

    public const ABILITIES = [self::READ, self::WRITE];

    /** Where a token that was lost could be made into more. */
    private const BY_HAND = [
        'api/account',
        'api/account/*',
        'api/people',
        'api/people/*',
        'api/invitations',
        'api/invitations/*',
        'api/house',
        'api/session',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;
        if ($token instanceof PersonalAccessToken) {
            $isSuiteToken = $request->is('api/suites/*/token');
            $needed = $request->isMethodSafe() ? self::READ : self::WRITE;
            if ($isSuiteToken || $request->is(...self::BY_HAND) || ! $token->can($needed)) {
                throw new AuthorizationException();
            }
        }

        return $next($request);
    }
}
