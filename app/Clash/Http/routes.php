<?php

use App\Clash\Http\ClashController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('applications/{application}/clashes', [ClashController::class, 'index'])->can('viewAny', Keymap::class);
Route::get('applications/{application}/clashes/{clash}', [ClashController::class, 'show'])->can('viewAny', Keymap::class);
Route::put('applications/{application}/clashes/{clash}/acceptance', [ClashController::class, 'accept'])->can('create', Keymap::class);
Route::delete('applications/{application}/clashes/{clash}/acceptance', [ClashController::class, 'withdraw'])->can('create', Keymap::class);
Route::get('applications/{application}/settlement', [ClashController::class, 'settlement'])
    ->can('viewAny', Keymap::class)
    ->middleware(['throttle:long', 'one-at-a-time']);
