<?php

use App\Models\User;
use App\Person\Http\InvitationController;
use App\Person\Http\JoiningController;
use App\Person\Http\PersonController;
use Illuminate\Support\Facades\Route;

/** @var list<string> $forPeople */
Route::get('people', [PersonController::class, 'index'])->can('viewAny', User::class);
Route::patch('people/{person}', [PersonController::class, 'update'])->can('update', 'person');
Route::delete('people/{person}', [PersonController::class, 'destroy'])->can('update', 'person');
Route::delete('people/{person}/second-factor', [PersonController::class, 'endSecondFactor'])->can('update', 'person');
Route::post('people/{person}/password-link', [PersonController::class, 'passwordLink'])->can('update', 'person');
Route::post('invitations', [InvitationController::class, 'store'])->can('create', User::class);
Route::delete('invitations/{invitation}', [InvitationController::class, 'destroy'])->can('create', User::class);

// For people who have no account yet: what they show is the invitation's token.
Route::withoutMiddleware($forPeople)
    ->middleware('throttle:codes')
    ->group(static function (): void {
        Route::post('opened-invitations', [JoiningController::class, 'show']);
        Route::post('accounts', [JoiningController::class, 'store']);
    });
