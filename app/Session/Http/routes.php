<?php

use App\Session\Http\SessionController;
use Illuminate\Support\Facades\Route;

/** @var list<string> $forPeople */
Route::get('session', [SessionController::class, 'show'])->withoutMiddleware($forPeople);
Route::post('session', [SessionController::class, 'store'])
    ->withoutMiddleware($forPeople)
    ->middleware('throttle:sign-in');
Route::delete('session', [SessionController::class, 'destroy']);
