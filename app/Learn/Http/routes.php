<?php

use App\Learn\Http\CardController;
use App\Learn\Http\ClockAhead;
use App\Learn\Http\DifferenceController;
use App\Learn\Http\DrillController;
use App\Learn\Http\LearnController;
use App\Learn\Http\SheetController;
use App\Learn\LearningCard;
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
