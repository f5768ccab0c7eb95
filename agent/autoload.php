<?php

declare(strict_types=1);

// The agent needs PHP alone, so it finds its few classes by itself.
spl_autoload_register(static function (string $class): void {
    $path = __DIR__.'/src/'.substr($class, strlen('Zebrafinch\\Agent\\')).'.php';
    if (str_starts_with($class, 'Zebrafinch\\Agent\\') && is_file($path)) {
        require $path;
    }
});
