<?php

declare(strict_types=1);

use Tests\Form\SourceGraph;

function fromRoot(string $path): string
{
    return dirname(__DIR__, 2)."/{$path}";
}

/** @return array<string, list<string>> what each folder may know, from the picture in the guide */
function layersOf(string $tree): array
{
    preg_match("/^### {$tree}\n\n```\n(.*?)```/ms", (string) file_get_contents(fromRoot('docs/guide.md')), $picture);
    $layers = [];
    foreach (explode("\n", trim($picture[1])) as $line) {
        preg_match('/^(\w+) *(?:→ (.+?))?(?:  |$)/', $line, $parts);
        $layers[$parts[1]] = isset($parts[2]) ? explode(', ', $parts[2]) : [];
    }

    return $layers;
}

dataset('trees', [
    'core' => ['core', fn () => SourceGraph::ofPhp(fromRoot('core/src'), 'Zebrafinch\Core')],
    'app' => ['app', fn () => SourceGraph::ofPhp(fromRoot('app'), 'App')],
    'web' => ['web', fn () => SourceGraph::ofTypeScript(fromRoot('web'))],
]);

test('no folder knows one that knows it', function (string $tree, SourceGraph $graph) {
    expect($graph->circles())->toBe([]);
})->with('trees');

test('a folder knows only what lies below it', function (string $tree, SourceGraph $graph) {
    $layers = layersOf($tree);
    expect(
        array_filter(
            array_keys($layers),
            static fn (string $folder): bool => ! is_dir(
                fromRoot(['core' => 'core/src', 'app' => 'app', 'web' => 'web'][$tree]."/{$folder}"),
            ),
        ),
    )
        ->toBe([])
        ->and($graph->against($layers))
        ->toBe([]);
})->with('trees');

test('every line of the picture names what stands above it', function (string $tree) {
    $above = [];
    foreach (layersOf($tree) as $folder => $known) {
        expect(array_diff($known, $above))->toBe([], $folder);
        $above[] = $folder;
    }
    expect(count($above))->toBeGreaterThan(5);
})->with(['core', 'app', 'web']);

test('a circle is found when one is made, over however many folders', function () {
    $graph = new SourceGraph([
        'Clash' => ['Remap' => ['Clash/Remedies.php']],
        'Remap' => ['Offer' => []],
        'Offer' => ['Clash' => [], 'Text' => []],
        'Text' => [],
        'Usage' => ['Clash' => []],
    ]);
    expect($graph->circles())->toBe(['Clash ⇄ Offer ⇄ Remap']);
});

test('a folder that knows what stands above it is told with the file', function () {
    $graph = new SourceGraph(['Keymap' => ['Focus' => ['Keymap/Bindings.php'], 'Text' => ['Keymap/Change.php']], 'Attic' => []]);
    expect($graph->against(['Text' => [], 'Keyboard' => ['Text'], 'Keymap' => ['Keyboard'], 'Focus' => ['Keymap']]))->toBe([
        'Keymap knows Focus, in Keymap/Bindings.php.',
        'Attic is not in the picture of the layers.',
    ]);
});

test('the core imports nothing but itself', function () {
    $foreign = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(fromRoot('core/src'), FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all('/^use (?!function |const )([\w\\\\]+)/m', (string) file_get_contents($file->getPathname()), $imports);
        foreach ($imports[1] as $import) {
            if (str_contains($import, '\\') && ! str_starts_with($import, 'Zebrafinch\Core\\')) {
                $foreign[] = "{$file->getFilename()}: {$import}";
            }
        }
    }
    expect($foreign)->toBe([]);
});

test('the solver knows no keymap', function () {
    expect(array_keys(SourceGraph::ofPhp(fromRoot('core/src'), 'Zebrafinch\Core', 2)->knows['Harmonise/Solve']))->toBe([]);
});

test('the frame of clash kinds knows no member', function (string $frame, string $list) {
    $members = array_keys(SourceGraph::ofPhp(fromRoot("core/src/{$frame}"), "Zebrafinch\\Core\\{$frame}")->knows);
    $naming = [];
    foreach (glob(fromRoot("core/src/{$frame}/*.php")) as $path) {
        foreach ($members as $member) {
            if (str_contains((string) file_get_contents($path), "Zebrafinch\\Core\\{$frame}\\{$member}\\") && $member !== 'Settle') {
                $naming[basename($path, '.php')] = true;
            }
        }
    }
    expect(array_keys($naming))->toBe([$list]);
})->with([['Clash', 'BuiltInKinds']]);

test('nobody outside knows a single clash kind but by its list', function () {
    $naming = [];
    foreach (['core/src', 'app', 'web'] as $tree) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(fromRoot($tree), FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = substr($file->getPathname(), strlen(fromRoot('')));
            if (preg_match('{^core/src/Clash/(Kind/|BuiltInKinds)}', $path) === 1 || str_ends_with($path, 'schema.d.ts')) {
                continue;
            }
            if (
                preg_match(
                    '/Clash\\\\Kind\\\\|[\'"](tap-hold|dead-title|swallowed)[\'"]/',
                    (string) file_get_contents($file->getPathname()),
                ) === 1
            ) {
                $naming[] = $path;
            }
        }
    }
    expect($naming)->toBe([]);
});

test('no application is named in the core, nor in what reads and writes its files', function () {
    $names = implode('|', array_map(basename(...), glob(fromRoot('catalogues/*'), GLOB_ONLYDIR) ?: []));
    $names = implode('|', array_diff(explode('|', $names), ['desktop', 'schema']));
    $naming = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(fromRoot('core/src'), FilesystemIterator::SKIP_DOTS)) as $file) {
        if (preg_match("/{$names}/i", (string) file_get_contents($file->getPathname())) === 1) {
            $naming[] = substr($file->getPathname(), strlen(fromRoot('')));
        }
    }
    expect($naming)->toBe([]);
});

test('the screens stand side by side: those that borrow from others do not borrow back', function () {
    $screens = SourceGraph::ofTypeScript(fromRoot('web/screens'));
    expect($screens->circles())->toBe([]);
});
