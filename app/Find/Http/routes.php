<?php

use App\Find\Http\FindController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('find', FindController::class)->can('viewAny', Keymap::class);
