<?php

use App\Account\Http\AccountController;
use App\Account\Http\OwnDataController;
use App\Account\Http\PasswordController;
use App\Account\Http\PasswordResetController;
use App\Account\Http\SecondFactorController;
use App\Account\Http\SessionListController;
use App\Account\Http\TokenController;
use App\Models\User;
use Illuminate\Support\Facades\Route;

/** @var list<string> $forPeople */

// A person's own; a token for scripts opens none of this (App\Http\Middleware\RestrictScriptToken).
Route::get('account', [AccountController::class, 'show'])->can('own', User::class);
Route::patch('account', [AccountController::class, 'update'])->can('own', User::class);
Route::delete('account', [AccountController::class, 'destroy'])
    ->can('own', User::class)
    ->middleware('throttle:codes');
Route::put('account/password', [PasswordController::class, 'update'])
    ->can('own', User::class)
    ->middleware('throttle:codes');
Route::delete('account/sessions', [SessionListController::class, 'destroyOthers'])->can('own', User::class);
Route::delete('account/sessions/{session}', [SessionListController::class, 'destroy'])
    ->can('own', User::class)
    ->where('session', '[0-9a-f]{16}');
Route::post('account/second-factor', [SecondFactorController::class, 'begin'])
    ->can('own', User::class)
    ->middleware('throttle:codes');
Route::put('account/second-factor', [SecondFactorController::class, 'confirm'])
    ->can('own', User::class)
    ->middleware('throttle:codes');
Route::delete('account/second-factor', [SecondFactorController::class, 'destroy'])
    ->can('own', User::class)
    ->middleware('throttle:codes');
Route::post('account/tokens', [TokenController::class, 'store'])
    ->can('own', User::class)
    ->middleware('throttle:codes');
Route::delete('account/tokens/{token}', [TokenController::class, 'destroy'])->can('own', User::class);
Route::post('account/data-exports', OwnDataController::class)
    ->can('own', User::class)
    ->middleware('throttle:codes');

Route::withoutMiddleware($forPeople)
    ->middleware('throttle:codes')
    ->group(static function (): void {
        Route::post('password-resets', [PasswordResetController::class, 'store']);
        Route::put('password-resets', [PasswordResetController::class, 'update']);
    });
