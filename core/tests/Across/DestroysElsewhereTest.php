<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\DestroysElsewhere;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Tests\World;

test('a chord tells what it destroys in the other applications, and nothing else', function () {
    $others = array_map(static fn (string $id): LoadedKeymap => World::factory(World::application($id)), [
        'faderloft',
        'easeframe',
        'boardwick',
    ]);
    $told = static fn (string $chord): array => array_map(
        static fn (array $found): string => "{$found[0]->application->id} {$found[1]->command}",
        DestroysElsewhere::by(Chord::parse($chord), $others),
    );
    expect($told('Delete'))
        ->toBe([
            'faderloft clear',
            'easeframe delete-layer',
            'easeframe delete-key-point',
            'boardwick delete-panel',
            'boardwick delete-from-strip',
        ])
        ->and($told('KeyL'))
        ->toBe([]);
});
