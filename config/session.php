<?php

return [
    'driver' => 'rows',
    'lifetime' => 12 * 60,
    // However busy it is, a session ends after so long.
    'most_hours' => (int) env('SESSION_MOST_HOURS', 24),
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [0, 100],
    'cookie' => 'zebrafinch_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https://')),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
