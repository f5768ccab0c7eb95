<?php

use App\Http\Controllers\House\HouseController;
use App\Http\Controllers\House\SetUpController;
use App\Models\House;
use Illuminate\Support\Facades\Route;

/** @var list<string> $forPeople */
Route::post('set-up', SetUpController::class)->withoutMiddleware($forPeople)->middleware('throttle:codes');
Route::patch('house', [HouseController::class, 'update'])->can('keep', House::class);
