<?php

use App\Http\Controllers\Suite\HandoverController;
use App\Http\Controllers\Suite\ImportController;
use App\Http\Controllers\Suite\SuiteController;
use App\Models\Suite;
use Illuminate\Support\Facades\Route;

Route::get('suites', [SuiteController::class, 'index'])->can('viewAny', Suite::class);
Route::patch('suites/{suite}', [SuiteController::class, 'update'])->can('update', 'suite');
Route::post('suites/{suite}/handovers', [HandoverController::class, 'handOver'])->can('handOver', 'suite');
Route::post('suites/{suite}/put-backs', [HandoverController::class, 'putBack'])->can('handOver', 'suite');
Route::post('suites/{suite}/imports', ImportController::class)->can('view', 'suite');
