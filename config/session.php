<?php

return [
    'driver' => 'database',
    'lifetime' => 12 * 60,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'zebrafinch_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
