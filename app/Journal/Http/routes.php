<?php

use App\Journal\Http\JournalController;
use App\Models\House;
use Illuminate\Support\Facades\Route;

Route::get('journal', [JournalController::class, 'index'])->can('keep', House::class);
Route::get('journal.csv', [JournalController::class, 'csv'])->can('keep', House::class);
Route::get('journal-proof', [JournalController::class, 'proof'])->can('keep', House::class);
