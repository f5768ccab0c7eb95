<?php

use App\Harmonise\Harmonisation;
use App\Harmonise\Http\HarmonisationController;
use Illuminate\Support\Facades\Route;

Route::post('harmonisations', [HarmonisationController::class, 'store'])
    ->can('create', Harmonisation::class)
    ->middleware('throttle:long');
Route::get('harmonisations/{harmonisation}', [HarmonisationController::class, 'show'])->can('view', 'harmonisation');
Route::post('harmonisations/{harmonisation}/cancel', [HarmonisationController::class, 'cancel'])->can('update', 'harmonisation');
Route::post('harmonisations/{harmonisation}/apply', [HarmonisationController::class, 'apply'])->can('update', 'harmonisation');
Route::post('harmonisations/{harmonisation}/undo', [HarmonisationController::class, 'undo'])->can('update', 'harmonisation');
Route::get('harmonisations/{harmonisation}/instance.lp', [HarmonisationController::class, 'lp'])->can('view', 'harmonisation');
Route::get('harmonisations/{harmonisation}/proof.json', [HarmonisationController::class, 'proof'])->can('view', 'harmonisation');
