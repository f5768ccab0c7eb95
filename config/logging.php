<?php

return [
    'default' => 'single',
    'channels' => ['single' => ['driver' => 'single', 'path' => storage_path('logs/zebrafinch.log'), 'level' => env('LOG_LEVEL', 'info')]],
];
