<?php

declare(strict_types=1);

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Zebrafinch\Core\Tests\Dialect\Forms;

test('the shipped data is valid against its schemas', function (string $data, string $schema) {
    $result = (new Validator())->validate(
        json_decode((string) file_get_contents(base_path($data))),
        json_decode((string) file_get_contents(base_path("catalogues/schema/{$schema}.schema.json"))),
    );
    $error = $result->error();
    expect($error === null ? [] : (new ErrorFormatter())->format($error))->toBe([]);
})->with(function () {
    foreach (glob(dirname(__DIR__, 2).'/catalogues/*/{catalogue,matches,dialect}.json', GLOB_BRACE) ?: [] as $path) {
        yield basename(dirname($path)).' '.basename($path) => [
            'catalogues/'.basename(dirname($path)).'/'.basename($path),
            basename($path, '.json'),
        ];
    }
    yield 'order' => ['catalogues/order.json', 'order'];
    yield 'intents' => ['catalogues/intents.json', 'intents'];
});

test('what is proposed for a key file, and what is saved of it, is valid against the published schemas', function (string $form) {
    $this->as('picture');
    $brought = $this->broughtApplication($form, 'Brought')->json();
    $validator = new Validator();
    $schema = static fn (string $path) => json_decode((string) file_get_contents(base_path($path)));
    $description = $validator->validate(json_decode($brought['dialect']), $schema('catalogues/schema/dialect.schema.json'))->error();
    expect($description === null ? [] : (new ErrorFormatter())->format($description))->toBe([]);
    $file = $this->get("/api/house-applications/{$brought['id']}/file")
        ->assertOk()
        ->getContent();
    $saved = $validator->validate(json_decode((string) $file), $schema('docs/application.schema.json'))->error();
    expect($saved === null ? [] : (new ErrorFormatter())->format($saved))->toBe([]);
})->with(Forms::names());
