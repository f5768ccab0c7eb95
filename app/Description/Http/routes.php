<?php

use App\Description\HouseApplication;
use App\Description\Http\ApplicationFileController;
use App\Description\Http\DescriptionController;
use App\Description\Http\UsageLogController;
use App\Description\Http\VersionController;
use Illuminate\Support\Facades\Route;

Route::get('house-applications', [DescriptionController::class, 'index'])->can('viewAny', HouseApplication::class);
Route::post('house-applications', [DescriptionController::class, 'store'])
    ->can('create', HouseApplication::class)
    ->middleware(['throttle:long', 'one-at-a-time']);
Route::post('house-applications/files', [ApplicationFileController::class, 'store'])->can('create', HouseApplication::class);
Route::post('house-applications/file-previews', [ApplicationFileController::class, 'preview'])->can('create', HouseApplication::class);
Route::get('house-applications/{houseApplication}', [DescriptionController::class, 'show'])->can('view', 'houseApplication');
Route::patch('house-applications/{houseApplication}', [DescriptionController::class, 'update'])->can('change', 'houseApplication');
Route::delete('house-applications/{houseApplication}', [DescriptionController::class, 'destroy'])->can('change', 'houseApplication');
Route::get('house-applications/{houseApplication}/file', [ApplicationFileController::class, 'show'])->can('view', 'houseApplication');
Route::get('house-applications/{houseApplication}/proposed-matches', [DescriptionController::class, 'matches'])->can(
    'view',
    'houseApplication',
);
Route::post('house-applications/{houseApplication}/ready', [DescriptionController::class, 'ready'])->can('change', 'houseApplication');
Route::post('house-applications/{houseApplication}/put-away', [DescriptionController::class, 'putAway'])->can(
    'confirm',
    'houseApplication',
);
Route::post('house-applications/{houseApplication}/usage-log-previews', UsageLogController::class)->can('view', 'houseApplication');
Route::post('house-applications/{houseApplication}/version-previews', [VersionController::class, 'preview'])->can(
    'change',
    'houseApplication',
);
Route::post('house-applications/{houseApplication}/versions', [VersionController::class, 'store'])->can('change', 'houseApplication');
Route::delete('house-applications/{houseApplication}/versions', [VersionController::class, 'undo'])->can('change', 'houseApplication');
