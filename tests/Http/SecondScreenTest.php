<?php

declare(strict_types=1);

test('a second screen is told what the first window of its person looks at, and nobody else\'s', function () {
    $this->as('picture')
        ->getJson('/api/look')
        ->assertOk()
        ->assertJson(['application' => null, 'context' => null]);
    $this->putJson('/api/look', ['application' => 'cutloom', 'context' => 'trim'])->assertOk();
    $this->getJson('/api/look')->assertJson(['application' => 'cutloom', 'context' => 'trim']);
    $this->putJson('/api/look', ['application' => 'faderloft', 'context' => 'all'])->assertOk();
    $this->getJson('/api/look')->assertJson(['application' => 'faderloft', 'context' => 'all']);
    $this->as('sound')
        ->getJson('/api/look')
        ->assertJson(['application' => null, 'context' => null]);
});

test('asking again costs nothing while nothing has changed', function () {
    $this->as('picture')->putJson('/api/look', ['application' => 'cutloom', 'context' => 'trim']);
    $tag = (string) $this->getJson('/api/look')->headers->get('ETag');
    $same = $this->getJson('/api/look', ['If-None-Match' => $tag])->assertStatus(304);
    expect($tag)->not->toBe('')->and($same->getContent())->toBe('');
    $this->putJson('/api/look', ['application' => 'cutloom', 'context' => 'bin']);
    $this->getJson('/api/look', ['If-None-Match' => $tag])->assertOk();
});

test('what is not known cannot be looked at', function (array $look) {
    $this->as('picture')->putJson('/api/look', $look)->assertStatus(422);
})->with([
    'application' => [['application' => 'oven', 'context' => 'everywhere']],
    'context' => [['application' => 'cutloom', 'context' => 'kitchen']],
    'nothing' => [[]],
]);

test('a workstation tells what has the focus there, and that is followed', function () {
    $avocet = $this->workstation('avocet');
    $avocet->focus = ['application' => 'cutloom', 'context' => 'bin'];
    $avocet->report();
    $this->as('picture')
        ->getJson('/api/suites/avocet/look')
        ->assertJson(['application' => 'cutloom', 'context' => 'bin']);
    $avocet->focus = null;
    $avocet->report();
    $this->as('picture')
        ->getJson('/api/suites/avocet/look')
        ->assertJson(['application' => null, 'context' => null]);
});

test('a second screen is told when a keymap has changed', function () {
    $before = $this->as('picture')->getJson('/api/look')->json('kit');
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertCreated();
    expect($this->getJson('/api/look')->json('kit'))->not->toBe($before);
});
