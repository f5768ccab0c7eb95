<?php

use App\Models\Keymap;
use App\SecondScreen\Http\LookController;
use Illuminate\Support\Facades\Route;

// Asked every second or so: what has not changed is answered by its tag alone.
Route::get('look', [LookController::class, 'show'])
    ->can('viewAny', Keymap::class)
    ->middleware('cache.headers:private;no_cache;etag');
Route::put('look', [LookController::class, 'update'])->can('viewAny', Keymap::class);
Route::get('suites/{suite}/look', [LookController::class, 'ofSuite'])
    ->can('view', 'suite')
    ->middleware('cache.headers:private;no_cache;etag');
