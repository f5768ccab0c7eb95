<?php

use App\House\Http\HouseController;
use App\House\Http\SetUpController;
use App\Models\House;
use Illuminate\Support\Facades\Route;

/** @var list<string> $forPeople */
Route::post('set-up', SetUpController::class)->withoutMiddleware($forPeople)->middleware('throttle:codes');
Route::patch('house', [HouseController::class, 'update'])->can('keep', House::class);
