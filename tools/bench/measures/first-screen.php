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
    $bytes = static fn (string $as): int => array_sum(
        array_map(static fn (string $file): int => (int) filesize("{$build}/{$file}.{$as}"), $files),
    );
    $fonts = glob("{$build}/assets/*latin-400-normal*.woff2") ?: [];
    yield Row::aimed(
        'the first screen, scripts and styles',
        sprintf(
            '%.0f kB by Brotli, %.0f kB by gzip, %.2f × 200 kB; besides %.0f kB of its letters',
            $bytes('br') / 1000,
            $bytes('gz') / 1000,
            $bytes('br') / 200_000,
            array_sum(array_map(filesize(...), $fonts)) / 1000,
        ),
        '≤ 150 kB',
        $bytes('br') <= 150_000,
    );
};
