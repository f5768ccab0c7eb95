<?php

declare(strict_types=1);

// Front door for PHP behind a web server: what agents ask most is answered before the application starts.

if (! require __DIR__.'/unchanged.php') {
    require dirname(__DIR__, 2).'/public/index.php';
}
