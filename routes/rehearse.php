<?php

use App\Http\Controllers\Rehearse\RehearsalController;
use Illuminate\Support\Facades\Route;

Route::post('suites/{suite}/rehearsals', [RehearsalController::class, 'store'])->can('rehearse', 'suite');
Route::get('rehearsals/{rehearsal}', [RehearsalController::class, 'show'])->can('view', 'rehearsal');
Route::post('rehearsals/{rehearsal}/presses', [RehearsalController::class, 'press'])->can('view', 'rehearsal');
