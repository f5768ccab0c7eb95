<?php

declare(strict_types=1);

// Finds the classes of the stand-ins: their folders are in lower case.
spl_autoload_register(static function (string $class): void {
    $parts = explode('\\', str_starts_with($class, 'Standins\\') ? substr($class, strlen('Standins\\')) : '');
    $file = array_pop($parts);
    $path = dirname(__DIR__).'/'.strtolower(implode('/', $parts)).($parts === [] ? '' : '/')."{$file}.php";
    if ($file !== '' && is_file($path)) {
        require $path;
    }
});
