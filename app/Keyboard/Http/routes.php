<?php

use App\Keyboard\Http\KeyboardController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('keyboards', [KeyboardController::class, 'index'])->can('viewAny', Keymap::class);
Route::post('layout-proposals', [KeyboardController::class, 'propose'])->can('viewAny', Keymap::class);
