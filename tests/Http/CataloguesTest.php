<?php

declare(strict_types=1);

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

test('the shipped data is valid against its schemas', function (string $data, string $schema) {
    $result = (new Validator())->validate(
        json_decode((string) file_get_contents(base_path($data))),
        json_decode((string) file_get_contents(base_path("catalogues/schema/{$schema}.schema.json"))),
    );
    $error = $result->error();
    expect($error === null ? [] : (new ErrorFormatter())->format($error))->toBe([]);
})->with(function () {
    foreach (glob(dirname(__DIR__, 2).'/catalogues/*/{catalogue,matches}.json', GLOB_BRACE) ?: [] as $path) {
        yield basename(dirname($path)).' '.basename($path) => [
            'catalogues/'.basename(dirname($path)).'/'.basename($path),
            basename($path, '.json'),
        ];
    }
    yield 'order' => ['catalogues/order.json', 'order'];
    yield 'intents' => ['catalogues/intents.json', 'intents'];
});
