<?php

declare(strict_types=1);

// Read once by PHP's processes before they take the first request: the classes of packages that a request needs, so that none of them is
// looked for and read again by each. The file that PRELOADED_CLASSES names lists them (`needed-classes.php`). The project's own code is not
// among them, so that a changed file counts at once.

(static function (): void {
    $list = getenv('PRELOADED_CLASSES');
    if (! is_string($list) || ! is_file($list)) {
        return;
    }
    /** @var array<class-string, string> $files */
    $files = require dirname(__DIR__, 2).'/vendor/composer/autoload_classmap.php';
    $load = static function (string $class) use ($files): void {
        if (isset($files[$class])) {
            require_once $files[$class];
        }
    };
    spl_autoload_register($load);
    require_once dirname(__DIR__).'/packages/stand-ins.php';
    foreach (file($list, FILE_IGNORE_NEW_LINES) ?: [] as $class) {
        $load($class);
    }
    spl_autoload_unregister($load);
})();
