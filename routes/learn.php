<?php

use App\Http\Controllers\Learn\CardController;
use App\Http\Controllers\Learn\DifferenceController;
use App\Http\Controllers\Learn\DrillController;
use App\Http\Controllers\Learn\LearnController;
use App\Http\Controllers\Learn\SheetController;
use App\Http\Middleware\ClockAhead;
use App\Models\LearningCard;
use Illuminate\Support\Facades\Route;

Route::middleware(ClockAhead::class)->group(static function (): void {
    Route::get('learn', [LearnController::class, 'show'])->can('viewAny', LearningCard::class);
    Route::get('learn/savings', [LearnController::class, 'savings'])->can('viewAny', LearningCard::class);
    Route::get('learn/pictures', [LearnController::class, 'pictures'])->can('viewAny', LearningCard::class);
    Route::put('learn/speed', [LearnController::class, 'speed'])->can('create', LearningCard::class);
    Route::get('learn/cards', [CardController::class, 'index'])->can('viewAny', LearningCard::class);
    Route::post('learn/cards', [CardController::class, 'store'])->can('create', LearningCard::class);
    Route::get('learn/cards.json', [CardController::class, 'export'])->can('viewAny', LearningCard::class);
    Route::post('learn/card-files', [CardController::class, 'import'])->can('create', LearningCard::class);
    Route::delete('learn/cards/{learningCard}', [CardController::class, 'destroy'])->can('delete', 'learningCard');
    Route::get('learn/sheets/{sheet}', SheetController::class)
        ->whereIn('sheet', ['stickers', 'strip'])
        ->can('viewAny', LearningCard::class);
    Route::get('learn/differences', [DifferenceController::class, 'index'])->can('viewAny', LearningCard::class);
    Route::post('learn/differences/known', [DifferenceController::class, 'known'])->can('create', LearningCard::class);
    Route::get('learn/suites/{suite}', [DifferenceController::class, 'suite'])->can('view', 'suite');
    Route::post('learn/drills', [DrillController::class, 'store'])->can('create', LearningCard::class);
    Route::get('learn/drills/{drill}', [DrillController::class, 'show'])->can('view', 'drill');
    Route::post('learn/drills/{drill}/answers', [DrillController::class, 'answer'])->can('view', 'drill');
});
