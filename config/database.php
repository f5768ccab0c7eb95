<?php

$server = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54460'),
    'database' => env('DB_DATABASE', 'zebrafinch'),
    'sslmode' => env('DB_SSLMODE', in_array(env('DB_HOST', '127.0.0.1'), ['127.0.0.1', 'localhost'], true) ? 'disable' : 'require'),
    'connect_timeout' => 4,
];

return [
    'default' => 'pgsql',
    'connections' => [
        // As the web runs: reads and writes rows, and can do nothing else.
        'pgsql' => [...$server, 'username' => env('DB_USERNAME', 'zebrafinch'), 'password' => env('DB_PASSWORD', '')],
        // As migrations run: owns the tables.
        'owner' => [...$server, 'username' => env('DB_OWNER_USERNAME', 'zebrafinch_owner'), 'password' => env('DB_OWNER_PASSWORD', '')],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
