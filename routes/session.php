<?php

use App\Http\Controllers\Session\SessionController;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show'])->withoutMiddleware(['auth', 'seat']);
Route::post('session', [SessionController::class, 'store'])
    ->withoutMiddleware(['auth', 'seat'])
    ->middleware('throttle:sign-in');
Route::delete('session', [SessionController::class, 'destroy']);
