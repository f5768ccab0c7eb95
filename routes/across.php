<?php

use App\Http\Controllers\Across\CarryOverController;
use App\Http\Controllers\Across\FalseFriendsController;
use App\Http\Controllers\Across\FamiliarityController;
use App\Http\Controllers\Across\StripesController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('stripes', StripesController::class)->can('viewAny', Keymap::class);
Route::get('false-friends', FalseFriendsController::class)->can('viewAny', Keymap::class);
Route::post('carry-overs', [CarryOverController::class, 'preview'])->can('viewAny', Keymap::class);
Route::post('carry-overs/keymaps', [CarryOverController::class, 'save'])
    ->can('create', Keymap::class)
    ->name('carry-overs.save');
Route::get('suites/{suite}/familiarity', FamiliarityController::class)->can('view', 'suite');
