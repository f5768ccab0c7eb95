<?php

declare(strict_types=1);

const STRIP = '7f0d2c9a-4a0e-4d2a-9d57-0d7f2f7f1a01';

/** @return array<string, mixed> what is sent for a chord with the focus in a context */
function pressing(string $chord, string $focus, string $gesture = 'tap', string $strip = STRIP): array
{
    return ['rehearsal' => $strip, 'chord' => $chord, 'focus' => $focus, 'gesture' => $gesture];
}

test('what one has now is rehearsed without a release: the stand-in reads the file that would be written', function () {
    $door = '/api/applications/cutloom/draft-presses';
    $this->as('picture')
        ->postJson($door, pressing('KeyC', 'timeline'))
        ->assertOk()
        ->assertJsonPath('answer.command', 'split-at-playhead');
    $id = $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])->json('id');
    $change = ['removed' => [], 'added' => [['chord' => 'KeyT', 'command' => 'lift', 'context' => 'timeline', 'gesture' => 'tap']]];
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1, 'title' => 'Lift on T', 'change' => $change])->assertOk();
    $answer = $this->postJson($door, pressing('KeyT', 'timeline'))->assertOk();
    expect($answer->json('answer.command'))
        ->toBe('lift')
        ->and($answer->json('answer.file'))
        ->toBe(hash('sha256', (string) $this->get("/api/keymaps/{$id}/key-file")->getContent()))
        ->and(count($answer->json('answer.state.clips')))
        ->toBe(3);
});

test('what was destroyed comes back with undo, on the same strip', function () {
    $door = '/api/applications/cutloom/draft-presses?system=macos&board=full-ansi&layout=us';
    $clips = fn (string $chord): int => count(
        $this->postJson($door, pressing($chord, 'timeline'))->assertOk()->json('answer.state.clips'),
    );
    $this->as('picture');
    expect([$clips('KeyD'), $clips('Meta+KeyZ'), $clips('Shift+Meta+KeyZ')])->toBe([2, 3, 2]);
    $this->as('sound');
    expect($clips('KeyK'))->toBe(3);
});

test('a held key lends its tool until it goes up', function () {
    $door = '/api/applications/boardwick/draft-presses';
    $this->as('motion')
        ->postJson($door, pressing('KeyE', 'easel', 'hold'))
        ->assertJsonPath('answer.state.tool', 'rubber')
        ->assertJsonPath('answer.state.is_borrowed', true);
    $this->postJson($door, pressing('KeyE', 'easel', 'let-go'))
        ->assertJsonPath('gesture', 'let-go')
        ->assertJsonPath('answer.state.is_borrowed', false);
    $this->postJson($door, pressing('KeyE', 'easel'))->assertJsonPath('answer.state.tool', 'rubber');
});

test('the desktop is rehearsed too: it is asked before the application', function () {
    $title = ['chord' => 'KeyC', 'command' => 'cutloom/Relink media', 'context' => 'cutloom', 'gesture' => 'tap'];
    $this->as('picture')
        ->postJson('/api/applications/desktop/keymaps', [
            'name' => 'Titles',
            'title' => 'Relink on C',
            'change' => ['removed' => [], 'added' => [$title]],
            'despite_clashes' => true,
        ])
        ->assertCreated();
    $this->postJson('/api/applications/cutloom/draft-presses', pressing('KeyC', 'timeline'))
        ->assertOk()
        ->assertJsonPath('answer.command', 'relink-media')
        ->assertJsonPath('answer.context', 'desktop');
});

test('what cannot be pressed is told, and plays nothing', function (array $press) {
    $this->as('picture')->postJson('/api/applications/cutloom/draft-presses', $press)->assertStatus(422);
})->with([
    'no strip' => [['chord' => 'KeyC', 'focus' => 'timeline']],
    'an unknown context' => [pressing('KeyC', 'kitchen')],
    'an unknown gesture' => [pressing('KeyC', 'timeline', 'stroke')],
]);

test('an application that nobody simulates says what would run, by its description', function () {
    $slug = $this->applicationInUse();
    $door = "/api/applications/{$slug}/draft-presses";
    $this->as('picture')->postJson($door, pressing('F5', 'reel-list'))->assertOk()->assertJsonPath('answer.command', 'split-reel');
    $this->keymap($slug, 'split-reel', 'Shift+F9', 'reel-list');
    expect($this->postJson($door, pressing('Shift+F9', 'reel-list'))->assertOk()->json('answer.did'))->toBe('Split reel would run.');
});
