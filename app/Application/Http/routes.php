<?php

use App\Application\Http\ApplicationController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('applications', [ApplicationController::class, 'index'])->can('viewAny', Keymap::class);
Route::get('applications/{application}', [ApplicationController::class, 'show'])->can('viewAny', Keymap::class);
