<?php

use App\Models\House;
use App\Models\Keymap;
use App\Usage\Http\HouseUsageController;
use App\Usage\Http\UsageController;
use Illuminate\Support\Facades\Route;

Route::get('usage', [UsageController::class, 'show'])->can('viewAny', Keymap::class);
Route::get('usage.csv', [UsageController::class, 'csv'])->can('viewAny', Keymap::class);
Route::post('usage', [UsageController::class, 'store'])
    ->can('create', Keymap::class)
    ->middleware(['throttle:long', 'one-at-a-time']);
Route::delete('usage', [UsageController::class, 'destroy'])->can('create', Keymap::class);
Route::delete('usage/{usageSource}', [UsageController::class, 'destroySource'])->can('delete', 'usageSource');
Route::get('house-usage', HouseUsageController::class)->can('keep', House::class);
