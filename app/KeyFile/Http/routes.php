<?php

use App\KeyFile\Http\KeyFileController;
use App\KeyFile\ImportedKeyFile;
use Illuminate\Support\Facades\Route;

Route::post('applications/{application}/key-files', [KeyFileController::class, 'store'])
    ->can('create', ImportedKeyFile::class)
    ->middleware(['throttle:long', 'one-at-a-time']);
Route::get('key-files/{keyFile}', [KeyFileController::class, 'show'])->can('view', 'keyFile');
Route::post('key-files/{keyFile}/free', [KeyFileController::class, 'free'])->can('view', 'keyFile');
