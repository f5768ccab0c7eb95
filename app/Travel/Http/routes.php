<?php

use App\Models\Keymap;
use App\Travel\Http\TravelController;
use Illuminate\Support\Facades\Route;

Route::get('travel', [TravelController::class, 'show'])->can('viewAny', Keymap::class);
Route::post('applications/{application}/variants', [TravelController::class, 'store'])->can('create', Keymap::class);
