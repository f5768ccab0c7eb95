<?php

use App\Models\Sitting;
use App\Models\Suite;
use App\Suite\Http\BundleController;
use App\Suite\Http\FamiliarityController;
use App\Suite\Http\ImportController;
use App\Suite\Http\KeepingController;
use App\Suite\Http\RolloutController;
use App\Suite\Http\SittingController;
use App\Suite\Http\SuiteController;
use App\Suite\Http\SuiteFileController;
use App\Suite\Http\SuiteFollowingController;
use App\Suite\Rollout;
use Illuminate\Support\Facades\Route;

Route::get('suites', [SuiteController::class, 'index'])
    ->can('viewAny', Suite::class)
    ->middleware('cache.headers:private;no_cache;etag');
Route::get('suites/{suite}', [SuiteController::class, 'show'])
    ->can('view', 'suite')
    ->middleware('cache.headers:private;no_cache;etag');
Route::post('suites', [KeepingController::class, 'store'])->can('create', Suite::class);
Route::delete('suites/{suite}', [KeepingController::class, 'destroy'])->can('keep', 'suite');
Route::post('suites/{suite}/token', [KeepingController::class, 'newToken'])->can('keep', 'suite');
Route::delete('suites/{suite}/token', [KeepingController::class, 'withdrawToken'])->can('keep', 'suite');
Route::patch('suites/{suite}', [SuiteController::class, 'update'])->can('keep', 'suite');
Route::put('suites/{suite}/following', [SuiteFollowingController::class, 'follow'])->can('keep', 'suite');
Route::delete('suites/{suite}/following', [SuiteFollowingController::class, 'stop'])->can('keep', 'suite');
Route::get('suites/{suite}/familiarity', FamiliarityController::class)->can('view', 'suite');
Route::post('suites/{suite}/imports', ImportController::class)->can('view', 'suite');
Route::get('suites/{suite}/files/{application}', [SuiteFileController::class, 'show'])->can('view', 'suite');
Route::post('suites/{suite}/files/{application}', [SuiteFileController::class, 'decide'])->can('keep', 'suite');
Route::get('suites/{suite}/bundle', [BundleController::class, 'show'])->can('keep', 'suite');
Route::post('suites/{suite}/stick-reports', [BundleController::class, 'report'])->can('keep', 'suite');

Route::get('suites/{suite}/sitting', [SittingController::class, 'preview'])->can('view', 'suite');
Route::put('suites/{suite}/sitting', [SittingController::class, 'sitDown'])->can('sitDown', 'suite');
Route::delete('suites/{suite}/sitting', [SittingController::class, 'leave'])->can('leave', 'suite');
Route::get('sittings', [SittingController::class, 'mine'])->can('viewAny', Sitting::class);
Route::put('sittings/{sitting}/usage', [SittingController::class, 'tellUsage'])->can('view', 'sitting');
Route::get('sittings/{sitting}/offers/{application}', [SittingController::class, 'offer'])->can('view', 'sitting');
Route::post('sittings/{sitting}/offers/{application}', [SittingController::class, 'takeOffer'])->can('view', 'sitting');
Route::delete('sittings/{sitting}/offers/{application}', [SittingController::class, 'dismissOffer'])->can('view', 'sitting');

Route::get('rollouts', [RolloutController::class, 'index'])->can('viewAny', Rollout::class);
Route::post('rollouts', [RolloutController::class, 'store'])->can('create', Rollout::class);
Route::post('dry-runs', [RolloutController::class, 'dryRun'])->can('viewAny', Rollout::class);
Route::post('rollouts/{rollout}/{turn}', [RolloutController::class, 'turn'])
    ->whereIn('turn', ['go-on', 'pause', 'cancel', 'go-back'])
    ->can('keep', 'rollout');
