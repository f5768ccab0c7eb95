<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Override;

/** Who asks, and whether over TLS, is believed of the proxies that the settings name, and of nobody else. */
final class TrustedProxies extends TrustProxies
{
    protected $headers =
        Request::HEADER_X_FORWARDED_FOR |
        Request::HEADER_X_FORWARDED_PROTO |
        Request::HEADER_X_FORWARDED_HOST |
        Request::HEADER_X_FORWARDED_PORT;

    /** @return list<string>|null */
    #[Override]
    protected function proxies(): ?array
    {
        $named = array_values(array_map(strval(...), config()->array('app.proxies')));

        return $named === [] ? null : $named;
    }
}
