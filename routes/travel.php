<?php

use App\Http\Controllers\Travel\TravelController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('travel', [TravelController::class, 'show'])->can('viewAny', Keymap::class);
Route::post('applications/{application}/variants', [TravelController::class, 'store'])->can('create', Keymap::class);
