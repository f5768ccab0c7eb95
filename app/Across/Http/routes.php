<?php

use App\Across\Http\CarryOverController;
use App\Across\Http\FalseFriendsController;
use App\Across\Http\StripesController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('stripes', StripesController::class)->can('viewAny', Keymap::class);
Route::get('false-friends', FalseFriendsController::class)->can('viewAny', Keymap::class);
Route::post('carry-overs', [CarryOverController::class, 'preview'])->can('viewAny', Keymap::class);
Route::post('carry-overs/keymaps', [CarryOverController::class, 'save'])
    ->can('create', Keymap::class)
    ->name('carry-overs.save');
