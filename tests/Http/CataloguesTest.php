<?php

declare(strict_types=1);

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

test('the shipped data is valid against its schemas', function (string $data, string $schema) {
    $result = (new Validator)->validate(
        json_decode((string) file_get_contents(base_path($data))),
        json_decode((string) file_get_contents(base_path("catalogues/schema/{$schema}.schema.json"))),
    );
    $error = $result->error();
    expect($error === null ? [] : (new ErrorFormatter)->format($error))->toBe([]);
})->with([
    ['catalogues/cutloom/catalogue.json', 'catalogue'], ['catalogues/faderloft/catalogue.json', 'catalogue'], ['catalogues/intents.json', 'intents'],
    ['catalogues/cutloom/matches.json', 'matches'], ['catalogues/faderloft/matches.json', 'matches'],
]);
