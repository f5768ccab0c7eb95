<?php

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '54460'),
            'database' => env('DB_DATABASE', 'zebrafinch'),
            'username' => env('DB_USERNAME', 'zebrafinch'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'search_path' => 'public',
            'sslmode' => 'disable',
            // Proving the password anew costs more than most questions; a web server's worker keeps its connection.
            'options' => [PDO::ATTR_PERSISTENT => PHP_SAPI === 'cli-server'],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
