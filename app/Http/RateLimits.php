<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/** How often somebody may ask: far above what hands do, far below what a loop does. Answers say when to come back (`Retry-After`). */
final class RateLimits
{
    /** Tries for one account from one address. */
    public const SIGN_INS = 8;

    /** Refused tries from one address, for all accounts together. */
    public const SIGN_INS_OF_AN_ADDRESS = 30;

    /** What opens something with a code, a token or a password. */
    public const CODES = 20;

    public const READS = 900;

    public const WRITES = 300;

    /** What takes the server seconds: uploads, settlements, harmonising, drawing. */
    public const LONG = 40;

    public static function define(): void
    {
        RateLimiter::for('sign-in', static function (Request $request): array {
            $isRefused = static fn (Response $response): bool => ! $response->isSuccessful();

            return [
                Limit::perMinute(self::SIGN_INS)
                    ->by('account:'.hash('sha256', mb_strtolower(self::text($request, 'email'))).'|'.$request->ip())
                    ->after($isRefused),
                Limit::perMinute(self::SIGN_INS_OF_AN_ADDRESS)
                    ->by("address:{$request->ip()}")
                    ->after($isRefused),
            ];
        });
        RateLimiter::for('codes', static fn (Request $request): Limit => Limit::perMinute(self::CODES)->by(self::who($request)));
        RateLimiter::for(
            'hands',
            static fn (Request $request): Limit => $request->isMethodSafe()
                ? Limit::perMinute(self::READS)->by('read:'.self::who($request))
                : Limit::perMinute(self::WRITES)->by('write:'.self::who($request)),
        );
        RateLimiter::for('long', static fn (Request $request): Limit => Limit::perMinute(self::LONG)->by(self::who($request)));
        RateLimiter::for(
            'agents',
            static fn (Request $request): Limit => Limit::perMinute(self::CODES)
                ->by("agent:{$request->ip()}")
                ->after(static fn (Response $response): bool => $response->getStatusCode() === 401),
        );
    }

    private static function who(Request $request): string
    {
        $person = $request->user()?->getAuthIdentifier();

        return $person === null ? "address:{$request->ip()}" : "person:{$person}";
    }

    private static function text(Request $request, string $name): string
    {
        $value = $request->input($name);

        return is_string($value) ? $value : '';
    }
}
