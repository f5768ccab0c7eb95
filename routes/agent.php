<?php

use App\Http\Controllers\Suite\AgentController;
use Illuminate\Support\Facades\Route;

// Opened by a suite's own token (App\Http\Middleware\IdentifySuite); an agent reaches nothing but its suite.
Route::post('check-in', [AgentController::class, 'checkIn']);
Route::post('orders/{order}/answer', [AgentController::class, 'answer'])->whereNumber('order');
