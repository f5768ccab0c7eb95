<?php

use App\Models\Preset;
use App\Preset\Http\ArchiveController;
use App\Preset\Http\ComparisonController;
use App\Preset\Http\PresetController;
use App\Preset\Http\PresetFollowingController;
use App\Preset\Http\ReleaseController;
use Illuminate\Support\Facades\Route;

Route::get('presets', [PresetController::class, 'index'])->can('viewAny', Preset::class);
Route::post('presets', [ReleaseController::class, 'first'])->can('create', Preset::class);
Route::patch('presets/{preset}', [PresetController::class, 'update'])->can('share', 'preset');
Route::get('release-drafts', [ReleaseController::class, 'draft'])->can('create', Preset::class);
Route::post('presets/{preset}/releases', [ReleaseController::class, 'next'])->can('release', 'preset');
Route::post('releases/{release}/kit', [ReleaseController::class, 'open'])->can('view', 'release');

Route::put('presets/{preset}/following', [PresetFollowingController::class, 'follow'])->can('view', 'preset');
Route::delete('presets/{preset}/following', [PresetFollowingController::class, 'unfollow'])->can('view', 'preset');
Route::get('presets/{preset}/news', [PresetFollowingController::class, 'news'])->can('view', 'preset');
Route::post('presets/{preset}/news', [PresetFollowingController::class, 'take'])->can('view', 'preset');

Route::get('comparisons', ComparisonController::class)->can('viewAny', Preset::class);
Route::get('releases/{release}/archive', [ArchiveController::class, 'show'])->can('view', 'release');
Route::post('archives', [ArchiveController::class, 'store'])
    ->can('create', Preset::class)
    ->middleware(['throttle:long', 'one-at-a-time']);
