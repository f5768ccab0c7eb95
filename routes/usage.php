<?php

use App\Http\Controllers\Usage\UsageController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('usage', [UsageController::class, 'show'])->can('viewAny', Keymap::class);
Route::post('usage', [UsageController::class, 'store'])
    ->can('create', Keymap::class)
    ->middleware(['throttle:long', 'one-at-a-time']);
Route::delete('usage', [UsageController::class, 'destroy'])->can('create', Keymap::class);
