<?php

use App\Problems\LogLines;

// JSON lines, one file a day, two weeks of them.
$lines = ['tap' => [LogLines::class], 'level' => env('LOG_LEVEL', 'info')];

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/zebrafinch.log'), 'days' => (int) env('LOG_DAYS', 14), ...$lines],
        'stderr' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\StreamHandler::class,
            'with' => ['stream' => 'php://stderr'],
            ...$lines,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
