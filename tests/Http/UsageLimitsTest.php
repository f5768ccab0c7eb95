<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;

function usageLog(string $bytes): UploadedFile
{
    return UploadedFile::fake()->createWithContent('usage.csv', $bytes);
}

test('a usage log that is no text, has no end, or names commands without end is refused with what to do', function (string $bytes) {
    $response = $this->as('picture')->post('/api/usage', ['file' => usageLog($bytes)], ['Accept' => 'application/json']);
    expect($response->getStatusCode())->toBe(422)->and($response->json('remedy'))->not->toBe('');
})->with([
    'bytes that are no UTF-8' => ["day,application,command,key,mouse\n2026-03-02,cutloom,\xC3\x28,1,0\n"],
    'NUL' => ["day,application,command,key,mouse\n2026-03-02,cut\0loom,play,1,0\n"],
    'nothing' => [''],
    'UTF-16' => ["\xFF\xFEt\0i\0m\0e\0"],
    '150,000 commands' => [
        "day,application,command,key,mouse\n".
        implode('', array_map(static fn (int $number): string => "2026-03-02,cutloom,command-{$number},1,0\n", range(1, 150_000))),
    ],
]);
