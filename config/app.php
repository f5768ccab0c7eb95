<?php

return [
    'name' => 'Zebrafinch',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8460'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => array_filter(explode(',', (string) env('APP_PREVIOUS_KEYS', ''))),
    // What the demo's house is called.
    'house' => 'Saltmarsh Post',
    // Further names under which this house is reached, with commas between; that of APP_URL and this machine's own are known.
    'hosts' => array_filter(explode(',', (string) env('HOSTS', ''))),
    // Addresses of proxies whose word on the visitor's address counts, with commas between.
    'proxies' => array_filter(explode(',', (string) env('TRUSTED_PROXIES', ''))),
    // Opens /metrics; without one it stays closed.
    'metrics_token' => env('METRICS_TOKEN'),
    // Whether the six applications of the demo are offered.
    'shipped_applications' => (bool) env('SHIPPED_APPLICATIONS', true),
    // Built files are asked for at the host where the page is, whatever its name.
    'asset_url' => '/',
    // Where the web servers tell each other which assignments have not changed. It belongs to one database.
    'presence' => env('AGENT_PRESENCE') ?: base_path('var/laravel/framework/agents/'.env('DB_DATABASE', 'zebrafinch')),
    // The folder that holds catalogues/ and boards/.
    // For tests alone: see App\Learn\Http\ClockAhead.
    'clock_ahead_file' => env('CLOCK_AHEAD_FILE'),
    'data' => env('ZEBRAFINCH_DATA') ?: base_path(),
];
