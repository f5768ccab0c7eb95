<?php

return [
    'default' => env('CACHE_STORE', 'database'),
    // Counting requests must cost next to nothing; each web server counts for itself.
    'limiter' => env('CACHE_STORE') === 'array' ? 'array' : 'file',
    // What was worked out before is looked for in memory; where there is none that is shared, one process knows it for itself.
    'worked_out' => 'array',
    'stores' => [
        'database' => ['driver' => 'database', 'connection' => null, 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'apc' => ['driver' => 'apc'],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/limits')],
        'array' => ['driver' => 'array'],
    ],
    'prefix' => '',
];
