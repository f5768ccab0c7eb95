<?php

declare(strict_types=1);

test('what somebody has in use is listed for every application, and for one', function () {
    $lists = $this->as('picture')->getJson('/api/key-lists')->assertOk()->json('lists');
    expect($lists)->toHaveCount(6);
    $cutloom = $this->getJson('/api/key-lists?application=cutloom&by=menu&unbound=1')->assertOk()->json('lists');
    $commands = array_merge(...array_column($cutloom[0]['groups'], 'commands'));
    expect($cutloom)
        ->toHaveCount(1)
        ->and(array_unique(array_column($commands, 'id')))
        ->toHaveCount(111)
        ->and(array_column($cutloom[0]['groups'], 'name'))
        ->toContain('Mark', 'Trim');
});

test('the most used come first to one side of paper', function () {
    $list = $this->as('picture')->getJson('/api/key-lists?application=cutloom&most=20')->assertOk()->json('lists.0');
    $ids = array_unique(array_column(array_merge(...array_column($list['groups'], 'commands')), 'id'));
    $uses = collect($this->getJson('/api/usage')->json('uses'))
        ->filter(static fn (array $one): bool => $one['application']['id'] === 'cutloom' && $one['chords'] !== [])
        ->sortByDesc(static fn (array $one): int => $one['by_key'] + $one['by_mouse'])
        ->map(static fn (array $one): string => $one['command']['id']);
    expect($ids)->toHaveCount(20)->toContain(...$uses->take(5));
});

test('a list is written as text, CSV, Markdown and a page', function (string $as, string $type, string $holds) {
    $answer = $this->as('picture')
        ->get("/api/key-lists?application=cutloom&as={$as}")
        ->assertOk();
    expect($answer->headers->get('Content-Type'))->toStartWith($type)->and($answer->getContent())->toContain($holds);
})->with([
    ['text', 'text/plain', "Cutloom: Factory\n================"],
    ['csv', 'text/csv', "application,keymap,context,menu,command,tap,hold\r\nCutloom,Factory,Everywhere,"],
    ['markdown', 'text/markdown', '# Cutloom: Factory'],
    ['page', 'text/html', '<h1>Cutloom <small>Factory</small></h1>'],
]);

test('key files are taken away byte for byte', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $factory = (string) file_get_contents(base_path('catalogues/cutloom/factory.xml'));
    expect(
        $this->get("/api/keymaps/{$id}/key-file")
            ->assertOk()
            ->getContent(),
    )->toBe($factory);
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents($path, $this->get('/api/key-files')->assertOk()->getContent());
    $zip = new ZipArchive();
    expect($zip->open($path))->toBeTrue()->and($zip->numFiles)->toBe(6)->and($zip->getFromName('cutloom-keys.xml'))->toBe($factory);
    $zip->close();
    $release = $this->postJson('/api/presets', ['name' => 'To go', 'note' => 'first'])
        ->assertCreated()
        ->json('id');
    file_put_contents(
        $path,
        $this->get("/api/releases/{$release}/key-files")
            ->assertOk()
            ->getContent(),
    );
    expect($zip->open($path))->toBeTrue()->and($zip->getFromName('cutloom-keys.xml'))->toBe($factory);
    unlink($path);
    $this->getJson("/api/releases/{$release}/key-lists")
        ->assertOk()
        ->assertJsonPath('lists.0.keymap', 'To go 1');
});

test('the board is drawn on a sheet of its own size, in true millimetres', function () {
    $seat = 'board=full-iso&layout=german&system=windows';
    $svg = $this->as('picture')
        ->get("/api/applications/cutloom/board-drawing?context=timeline&{$seat}")
        ->assertOk()
        ->getContent();
    preg_match('/width="([\d.]+)mm" height="([\d.]+)mm"/', (string) $svg, $size);
    $pdf = (string) $this->get("/api/applications/cutloom/board-drawing?as=pdf&context=timeline&{$seat}")
        ->assertOk()
        ->getContent();
    preg_match('/MediaBox\s*\[0(?:\.0+)? 0(?:\.0+)? ([\d.]+) ([\d.]+)\]/', $pdf, $sheet);
    // A point is 1/72 inch (ISO 32000-1, 8.3.2.3).
    expect(substr($pdf, 0, 5))
        ->toBe('%PDF-')
        ->and((float) $sheet[1])
        ->toEqualWithDelta(((float) $size[1] * 72) / 25.4, 0.1)
        ->and((float) $sheet[2])
        ->toEqualWithDelta(((float) $size[2] * 72) / 25.4, 0.1);
    $this->getJson('/api/applications/cutloom/board-drawing?context=kitchen')->assertStatus(422);
});
