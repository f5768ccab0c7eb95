<?php

use App\Export\Http\BoardDrawingController;
use App\Export\Http\KeyFilesController;
use App\Export\Http\KeyListController;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

// Of what somebody has in use, of one of their keymaps, and of a release.
Route::get('key-lists', [KeyListController::class, 'kit'])->can('viewAny', Keymap::class);
Route::get('keymaps/{keymap}/key-lists', [KeyListController::class, 'keymap'])->can('view', 'keymap');
Route::get('releases/{release}/key-lists', [KeyListController::class, 'release'])->can('view', 'release');
Route::get('key-files', [KeyFilesController::class, 'kit'])->can('viewAny', Keymap::class);
Route::get('keymaps/{keymap}/key-file', [KeyFilesController::class, 'keymap'])->can('view', 'keymap');
Route::get('releases/{release}/key-files', [KeyFilesController::class, 'release'])->can('view', 'release');
Route::get('applications/{application}/board-drawing', BoardDrawingController::class)->can('viewAny', Keymap::class);
