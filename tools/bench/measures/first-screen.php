<?php

declare(strict_types=1);

// The scripts and styles of the first screen as they go over the wire, against 200 kB.
return static function (): iterable {
    $build = dirname(__DIR__, 3).'/public/build';
    $manifest = is_file("{$build}/manifest.json")
        ? json_decode((string) file_get_contents("{$build}/manifest.json"), true, 16, JSON_THROW_ON_ERROR)
        : [];
    $entry = $manifest['web/main.tsx'] ?? null;
    if ($entry === null) {
        yield 'the first screen: not built; start Zebrafinch once';

        return;
    }
    $files = [
        $entry['file'],
        ...$entry['css'] ?? [],
        ...array_map(static fn (string $name): string => $manifest[$name]['file'], $entry['imports'] ?? []),
    ];
    $bytes = array_sum(
        array_map(static fn (string $file): int => strlen((string) gzencode((string) file_get_contents("{$build}/{$file}"), 6)), $files),
    );
    yield sprintf('the first screen: %.2f times 200 kB of scripts and styles, compressed (%.0f kB)', $bytes / 200_000, $bytes / 1000);
};
