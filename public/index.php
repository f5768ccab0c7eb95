<?php

use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

if (require __DIR__.'/../deploy/web/unchanged.php') {
    return;
}

require __DIR__.'/../vendor/autoload.php';

(require_once __DIR__.'/../bootstrap/app.php')->handleRequest(Request::capture());
