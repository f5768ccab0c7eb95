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
    // What the house calls itself where it signs something.
    'house' => env('HOUSE_NAME', 'Saltmarsh Post'),
    // Where the web servers tell each other which assignments have not changed. It belongs to one database.
    'presence' => env('AGENT_PRESENCE') ?: base_path('var/laravel/framework/agents/'.env('DB_DATABASE', 'zebrafinch')),
    // The folder that holds catalogues/ and boards/.
    'data' => env('ZEBRAFINCH_DATA') ?: base_path(),
];
