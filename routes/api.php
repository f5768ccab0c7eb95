<?php

use App\Http\Controllers\ApplicationController;
use App\Http\Controllers\CarryOverController;
use App\Http\Controllers\ClashController;
use App\Http\Controllers\DraftController;
use App\Http\Controllers\FamiliarityController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\HarmonisationController;
use App\Http\Controllers\KeyboardController;
use App\Http\Controllers\KeyFileController;
use App\Http\Controllers\KeymapController;
use App\Http\Controllers\MatchController;
use App\Http\Controllers\PresetController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\RemapController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SeveralController;
use App\Http\Controllers\SuiteController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TravelController;
use App\Http\Controllers\UsageController;
use App\Http\Controllers\WhoController;
use App\Http\Controllers\WishController;
use App\Models\Harmonisation;
use App\Models\KeyFile;
use App\Models\Keymap;
use App\Models\OwnIntent;
use App\Models\Preset;
use App\Models\Suite;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');

// Every route below names the policy that opens it; a test refuses one that does not.
Route::middleware('auth')->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);

    Route::get('applications', [ApplicationController::class, 'index'])->can('viewAny', Keymap::class);
    Route::get('applications/{application}', [ApplicationController::class, 'show'])->can('viewAny', Keymap::class);
    Route::get('applications/{application}/keymap', [KeymapController::class, 'current'])->can('viewAny', Keymap::class);
    Route::get('applications/{application}/remap', [RemapController::class, 'show'])->can('viewAny', Keymap::class);
    Route::get('applications/{application}/clashes', [ClashController::class, 'index'])->can('viewAny', Keymap::class);
    Route::get('applications/{application}/clashes/{clash}', [ClashController::class, 'show'])->can('viewAny', Keymap::class);
    Route::put('applications/{application}/clashes/{clash}/meaning', [ClashController::class, 'mean'])->can('create', Keymap::class);
    Route::delete('applications/{application}/clashes/{clash}/meaning', [ClashController::class, 'unmean'])->can('create', Keymap::class);
    Route::get('applications/{application}/settlement', [ClashController::class, 'settlement'])->can('viewAny', Keymap::class);
    Route::post('applications/{application}/several', SeveralController::class)->can('viewAny', Keymap::class);
    Route::get('keyboards', [KeyboardController::class, 'index'])->can('viewAny', Keymap::class);
    Route::post('layout-proposals', [KeyboardController::class, 'propose'])->can('viewAny', Keymap::class);
    Route::get('table', TableController::class)->can('viewAny', Keymap::class);
    Route::get('who', WhoController::class)->can('viewAny', Keymap::class);
    Route::get('find', FindController::class)->can('viewAny', Keymap::class);
    Route::get('travel', [TravelController::class, 'show'])->can('viewAny', Keymap::class);
    Route::get('stripes', [MatchController::class, 'stripes'])->can('viewAny', Keymap::class);
    Route::get('false-friends', [MatchController::class, 'falseFriends'])->can('viewAny', Keymap::class);

    Route::get('intents', [WishController::class, 'index'])->can('viewAny', Keymap::class);
    Route::post('intents', [WishController::class, 'store'])->can('create', OwnIntent::class);
    Route::delete('intents/{ownIntent}', [WishController::class, 'destroy'])->can('delete', 'ownIntent');
    Route::get('applications/{application}/matches', [WishController::class, 'matches'])->can('viewAny', Keymap::class);
    Route::put('applications/{application}/matches', [WishController::class, 'match'])->can('create', OwnIntent::class);
    Route::post('carry-overs', [CarryOverController::class, 'preview'])->can('viewAny', Keymap::class);
    Route::post('carry-overs/keymaps', [CarryOverController::class, 'save'])->can('create', Keymap::class)->name('carry-overs.save');
    Route::get('usage', [UsageController::class, 'show'])->can('viewAny', Keymap::class);
    Route::post('usage', [UsageController::class, 'store'])->can('create', Keymap::class);
    Route::delete('usage', [UsageController::class, 'destroy'])->can('create', Keymap::class);
    Route::get('suites/{suite}/familiarity', FamiliarityController::class)->can('view', 'suite');

    Route::post('harmonisations', [HarmonisationController::class, 'store'])->can('create', Harmonisation::class);
    Route::get('harmonisations/{harmonisation}', [HarmonisationController::class, 'show'])->can('view', 'harmonisation');
    Route::post('harmonisations/{harmonisation}/cancellations', [HarmonisationController::class, 'cancel'])->can('update', 'harmonisation');
    Route::post('harmonisations/{harmonisation}/applications', [HarmonisationController::class, 'apply'])->can('update', 'harmonisation');
    Route::post('harmonisations/{harmonisation}/undo', [HarmonisationController::class, 'undo'])->can('update', 'harmonisation');
    Route::get('harmonisations/{harmonisation}/instance.lp', [HarmonisationController::class, 'lp'])->can('view', 'harmonisation');
    Route::get('harmonisations/{harmonisation}/proof.json', [HarmonisationController::class, 'proof'])->can('view', 'harmonisation');

    Route::get('keymaps', [KeymapController::class, 'index'])->can('viewAny', Keymap::class);
    Route::post('applications/{application}/keymaps', [KeymapController::class, 'store'])->can('create', Keymap::class);
    Route::post('applications/{application}/variants', [TravelController::class, 'store'])->can('create', Keymap::class);
    Route::post('applications/{application}/use-factory', [KeymapController::class, 'useFactory'])->can('create', Keymap::class);
    Route::post('keymaps/{keymap}/use', [KeymapController::class, 'use'])->can('update', 'keymap');
    Route::post('keymaps/{keymap}/changes', [KeymapController::class, 'change'])->can('update', 'keymap');
    Route::post('keymaps/{keymap}/undo', [KeymapController::class, 'undo'])->can('update', 'keymap');
    Route::post('keymaps/{keymap}/redo', [KeymapController::class, 'redo'])->can('update', 'keymap');

    Route::post('keymaps/{keymap}/saves', [DraftController::class, 'save'])->can('update', 'keymap');
    Route::post('keymaps/{keymap}/returns', [DraftController::class, 'goBack'])->can('update', 'keymap');
    Route::get('keymaps/{keymap}/comparison', [DraftController::class, 'compare'])->can('view', 'keymap');
    Route::patch('keymaps/{keymap}', [DraftController::class, 'label'])->can('update', 'keymap');
    Route::delete('keymaps/{keymap}', [DraftController::class, 'delete'])->can('update', 'keymap');
    Route::post('keymaps/{keymap}/take-backs', [DraftController::class, 'takeBack'])->withTrashed()->can('update', 'keymap');

    Route::post('applications/{application}/key-files', [KeyFileController::class, 'store'])->can('create', KeyFile::class);
    Route::get('key-files/{keyFile}', [KeyFileController::class, 'show'])->can('view', 'keyFile');
    Route::post('key-files/{keyFile}/frees', [KeyFileController::class, 'free'])->can('view', 'keyFile');

    Route::get('presets', [PresetController::class, 'index'])->can('viewAny', Preset::class);
    Route::post('presets', [PresetController::class, 'store'])->can('create', Preset::class);
    Route::post('presets/{preset}/releases', [PresetController::class, 'addRelease'])->can('update', 'preset');

    Route::get('suites', [SuiteController::class, 'index'])->can('viewAny', Suite::class);
    Route::patch('suites/{suite}', [SuiteController::class, 'update'])->can('update', 'suite');
    Route::post('suites/{suite}/handovers', [SuiteController::class, 'handOver'])->can('handOver', 'suite');
    Route::post('suites/{suite}/put-backs', [SuiteController::class, 'putBack'])->can('handOver', 'suite');
    Route::post('suites/{suite}/take-ins', [SuiteController::class, 'takeIn'])->can('view', 'suite');

    Route::post('suites/{suite}/rehearsals', [RehearsalController::class, 'store'])->can('rehearse', 'suite');
    Route::get('rehearsals/{rehearsal}', [RehearsalController::class, 'show'])->can('view', 'rehearsal');
    Route::post('rehearsals/{rehearsal}/presses', [RehearsalController::class, 'press'])->can('view', 'rehearsal');
});
