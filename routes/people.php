<?php

use Illuminate\Support\Facades\Route;

// One file a feature. Everything here is for people who are signed in, at a keyboard that the query names; each route names the policy
// that opens it, and a test refuses one that does not.
$features = [
    'session',
    'house',
    'person',
    'account',
    'journal',
    'application',
    'keyboard',
    'focus',
    'find',
    'remap',
    'clash',
    'keymap',
    'key-file',
    'intent',
    'usage',
    'across',
    'harmonise',
    'preset',
    'suite',
    'travel',
    'rehearse',
    'description',
    'export',
    'second-screen',
    'learn',
];

// Taken off again where somebody has no account yet.
$forPeople = ['auth:sanctum', 'active', 'token-limits', 'throttle:hands', 'once', 'seat'];

Route::middleware($forPeople)->group(static function () use ($features, $forPeople): void {
    foreach ($features as $feature) {
        require __DIR__."/{$feature}.php";
    }
});
