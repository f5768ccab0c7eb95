<?php

use App\Http\Controllers\Remap\BulkEditController;
use App\Http\Controllers\Remap\RemapController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('applications/{application}/remap', RemapController::class)->can('viewAny', Keymap::class);
Route::post('applications/{application}/bulk-edit', BulkEditController::class)->can('viewAny', Keymap::class);
