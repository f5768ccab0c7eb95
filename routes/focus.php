<?php

use App\Http\Controllers\Focus\SpelledChordController;
use App\Http\Controllers\Focus\TableController;
use App\Http\Controllers\Focus\WhoController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('table', TableController::class)->can('viewAny', Keymap::class);
Route::get('who', WhoController::class)->can('viewAny', Keymap::class);
Route::get('spelled-chord', SpelledChordController::class)->can('viewAny', Keymap::class);
