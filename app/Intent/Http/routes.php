<?php

use App\Intent\Http\IntentController;
use App\Intent\Http\MatchController;
use App\Intent\OwnIntent;
use App\Models\Keymap;
use Illuminate\Support\Facades\Route;

Route::get('intents', [IntentController::class, 'index'])->can('viewAny', Keymap::class);
Route::post('intents', [IntentController::class, 'store'])->can('create', OwnIntent::class);
Route::delete('intents/{ownIntent}', [IntentController::class, 'destroy'])->can('delete', 'ownIntent');
Route::get('applications/{application}/matches', [MatchController::class, 'index'])->can('viewAny', Keymap::class);
Route::put('applications/{application}/matches', [MatchController::class, 'update'])->can('create', OwnIntent::class);
