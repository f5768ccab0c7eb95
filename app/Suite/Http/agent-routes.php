<?php

use App\Suite\Http\AgentController;
use Illuminate\Support\Facades\Route;

// Opened by a suite's own token (App\Suite\Http\IdentifySuite); an agent reaches nothing but its suite.
Route::get('assignment', [AgentController::class, 'assignment']);
Route::get('files/{sha256}', [AgentController::class, 'file'])->where('sha256', '[0-9a-f]{64}');
Route::put('files/{sha256}', [AgentController::class, 'store'])->where('sha256', '[0-9a-f]{64}');
Route::post('report', [AgentController::class, 'report']);
Route::put('usage/{logged}', [AgentController::class, 'usage'])->where('logged', '[a-z0-9-]{1,100}');
Route::post('presses/{press}', [AgentController::class, 'press']);
// Nobody without a token learns what there is.
Route::fallback(static fn () => abort(404));
