<?php

use Illuminate\Support\Facades\Route;

// Every feature has a routes file of its own. Everything here is for people who are signed in, at a keyboard that the query names; each
// route names the policy that opens it, and a test refuses one that does not.
// Where somebody has no account yet, a route takes these off again.
$forPeople = ['auth:sanctum', 'active', 'script-token', 'throttle:hands', 'idempotent', 'seat'];

Route::middleware($forPeople)->group(static function () use ($forPeople): void {
    foreach (glob(app_path('*/Http/routes.php')) ?: [] as $routes) {
        require $routes;
    }
});
