<?php

use App\Models\Keymap;
use App\Rehearse\Http\DraftPressController;
use App\Rehearse\Http\RehearsalController;
use Illuminate\Support\Facades\Route;

Route::post('applications/{application}/draft-presses', DraftPressController::class)->can('viewAny', Keymap::class);
Route::post('suites/{suite}/rehearsals', [RehearsalController::class, 'store'])->can('rehearse', 'suite');
Route::get('rehearsals/{rehearsal}', [RehearsalController::class, 'show'])->can('view', 'rehearsal');
Route::post('rehearsals/{rehearsal}/presses', [RehearsalController::class, 'press'])->can('view', 'rehearsal');
