<?php

use App\Keymap\Http\KeymapController;
use App\Keymap\Http\KeymapHistoryController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('keymaps', [KeymapController::class, 'index'])->can('viewAny', Keymap::class);
Route::get('refused-keymaps', [KeymapController::class, 'refused'])->can('viewAny', Keymap::class);
Route::get('applications/{application}/keymap', [KeymapController::class, 'current'])->can('viewAny', Keymap::class);
Route::post('applications/{application}/keymaps', [KeymapController::class, 'store'])->can('create', Keymap::class);
Route::post('applications/{application}/use-factory', [KeymapController::class, 'useFactory'])->can('create', Keymap::class);
Route::patch('keymaps/{keymap}', [KeymapController::class, 'update'])->can('update', 'keymap');
Route::delete('keymaps/{keymap}', [KeymapController::class, 'destroy'])->can('update', 'keymap');
Route::post('keymaps/{keymap}/restore', [KeymapController::class, 'restore'])
    ->withTrashed()
    ->can('update', 'keymap');
Route::post('keymaps/{keymap}/use', [KeymapController::class, 'use'])->can('update', 'keymap');

Route::post('keymaps/{keymap}/changes', [KeymapHistoryController::class, 'change'])->can('update', 'keymap');
Route::post('keymaps/{keymap}/undo', [KeymapHistoryController::class, 'undo'])->can('update', 'keymap');
Route::post('keymaps/{keymap}/redo', [KeymapHistoryController::class, 'redo'])->can('update', 'keymap');
Route::post('keymaps/{keymap}/save', [KeymapHistoryController::class, 'save'])->can('update', 'keymap');
Route::post('keymaps/{keymap}/revert', [KeymapHistoryController::class, 'revert'])->can('update', 'keymap');
Route::get('keymaps/{keymap}/comparison', [KeymapHistoryController::class, 'compare'])->can('view', 'keymap');
