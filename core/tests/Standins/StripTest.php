<?php

declare(strict_types=1);

use Standins\StandIns;
use Standins\Strip;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Tests\World;

require_once World::path('standins/workstation/autoload.php');

/** A strip on which there is something to destroy: marks, a gap, a marker and a keyframe at the playhead, tracks. */
function fullStrip(): Strip
{
    $strip = new Strip();
    $strip->addTrack();
    $strip->mark('in', 20);
    $strip->goTo(170);
    $strip->remove(close: false);
    $strip->goTo(120);
    $strip->addMarker();
    $strip->addKeyframe();
    $strip->addTrack();

    return $strip;
}

test('what destroys really does it on the strip, and undo brings it back', function (string $id) {
    $standIn = (new StandIns(World::path('catalogues')))->applications[$id];
    foreach (World::application($id)->commands() as $command) {
        if (! $command->is(CommandTrait::Destructive)) {
            continue;
        }
        $strip = fullStrip();
        $before = $strip->toArray();
        $standIn->run($command->id, $strip);
        $after = $strip->toArray();
        expect($after)->not->toBe($before, $command->id);
        $standIn->run('undo', $strip);
        expect($strip->toArray())->toBe($before, $command->id);
        $standIn->run('redo', $strip);
        expect($strip->toArray())->toBe($after, $command->id);
    }
})->with(['cutloom', 'faderloft', 'easeframe', 'gradewell', 'rotomere', 'boardwick']);

test('whatever is done in whatever order, undoing all of it gives the beginning', function () {
    mt_srand(11);
    $standIns = new StandIns(World::path('catalogues'));
    foreach (array_keys($standIns->applications) as $id) {
        $commands = array_values(
            array_filter(World::application($id)->commands(), static fn ($one): bool => ! in_array($one->id, ['undo', 'redo'], true)),
        );
        $strip = new Strip();
        $parts = static fn (): array => array_diff_key($strip->toArray(), array_flip(['playhead', 'running', 'tool', 'is_borrowed']));
        $beginning = $parts();
        for ($step = 0; $step < 35; $step++) {
            $standIns->applications[$id]->run($commands[mt_rand(0, count($commands) - 1)]->id, $strip);
        }
        while ($strip->undo() !== 'There is nothing to undo.') {
        }
        expect($parts())->toBe($beginning, $id);
    }
});

test('what a held key lends is given back when it goes up', function () {
    $strip = new Strip();
    $strip->take('pencil');
    $strip->borrow('rubber');
    expect($strip->toArray()['tool'])->toBe('rubber');
    $strip->letGo();
    expect([$strip->toArray()['tool'], $strip->toArray()['is_borrowed']])->toBe(['pencil', false]);
});
