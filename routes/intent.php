<?php

use App\Http\Controllers\Intent\IntentController;
use App\Http\Controllers\Intent\MatchController;
use App\Models\Keymap;
use App\Models\OwnIntent;
use Illuminate\Support\Facades\Route;

Route::get('intents', [IntentController::class, 'index'])->can('viewAny', Keymap::class);
Route::post('intents', [IntentController::class, 'store'])->can('create', OwnIntent::class);
Route::delete('intents/{ownIntent}', [IntentController::class, 'destroy'])->can('delete', 'ownIntent');
Route::get('applications/{application}/matches', [MatchController::class, 'index'])->can('viewAny', Keymap::class);
Route::put('applications/{application}/matches', [MatchController::class, 'update'])->can('create', OwnIntent::class);
