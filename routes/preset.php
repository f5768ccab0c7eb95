<?php

use App\Http\Controllers\Preset\PresetController;
use App\Models\Preset;
use Illuminate\Support\Facades\Route;

Route::get('presets', [PresetController::class, 'index'])->can('viewAny', Preset::class);
Route::post('presets', [PresetController::class, 'store'])->can('create', Preset::class);
Route::post('presets/{preset}/releases', [PresetController::class, 'addRelease'])->can('update', 'preset');
