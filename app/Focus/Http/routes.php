<?php

use App\Focus\Http\SpelledChordController;
use App\Focus\Http\TableController;
use App\Focus\Http\WhoController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('table', TableController::class)->can('viewAny', Keymap::class);
Route::get('who', WhoController::class)->can('viewAny', Keymap::class);
Route::get('spelled-chord', SpelledChordController::class)->can('viewAny', Keymap::class);
