<?php

declare(strict_types=1);

// Front door for PHP's own web server, where it stands alone in a test: built files are sent, everything else goes to the application.

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$public = dirname(__DIR__, 2).'/public';
$file = realpath($public.$path);
$types = [
    'js' => 'text/javascript',
    'css' => 'text/css',
    'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2',
    'woff' => 'font/woff',
    'json' => 'application/json',
    'map' => 'application/json',
];
$type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;

if ($file !== false && $type !== null && is_file($file) && str_starts_with($file, $public.'/')) {
    header("Content-Type: {$type}; charset=utf-8");
    header('X-Content-Type-Options: nosniff');
    // Built files carry a digest in their name and never change under it.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip') && $type !== 'font/woff2') {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        echo gzencode((string) file_get_contents($file), 6);
    } else {
        readfile($file);
    }

    return true;
}

require __DIR__.'/front.php';

return true;
