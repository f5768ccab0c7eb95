<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Routing\ControllerDispatcher;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;

/**
 * Runs each controller that answers a GET of the API in a transaction that is read-only: the database itself refuses what would be written.
 * Sessions, and when a token was used last, are written around it by the middleware.
 */
final class ReadOnlyGets extends ControllerDispatcher
{
    public function dispatch(Route $route, $controller, $method)
    {
        if (! in_array('GET', $route->methods(), true) || ! str_starts_with($route->uri(), 'api/')) {
            return parent::dispatch($route, $controller, $method);
        }
        DB::beginTransaction();
        DB::statement('set local transaction_read_only = on');
        try {
            return parent::dispatch($route, $controller, $method);
        } finally {
            DB::rollBack();
        }
    }
}
