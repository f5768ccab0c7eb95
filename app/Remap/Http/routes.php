<?php

use App\Models\Keymap;
use App\Remap\Http\BulkEditController;
use App\Remap\Http\RemapController;
use Illuminate\Support\Facades\Route;

Route::get('applications/{application}/remap', RemapController::class)->can('viewAny', Keymap::class);
Route::post('applications/{application}/bulk-edit', BulkEditController::class)->can('viewAny', Keymap::class);
