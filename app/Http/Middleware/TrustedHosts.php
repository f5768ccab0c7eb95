<?php

declare(strict_types=1);

namespace App\Http\Middleware;

/** Under which names this house is reached; a request that names another is refused. */
final readonly class TrustedHosts
{
    /** @return list<string> patterns, as the framework takes them */
    public static function patterns(): array
    {
        $own = parse_url(config()->string('app.url'), PHP_URL_HOST);
        $names = [is_string($own) ? $own : '', '127.0.0.1', 'localhost', '[::1]', ...config()->array('app.hosts')];

        return array_values(
            array_map(
                static fn (string $name): string => '^'.preg_quote($name, '~').'$',
                array_filter(array_map(static fn (mixed $name): string => trim((string) $name), $names)),
            ),
        );
    }
}
