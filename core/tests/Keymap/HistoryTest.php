<?php

declare(strict_types=1);

use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\FileOrder;
use Zebrafinch\Core\Keymap\History;
use Zebrafinch\Core\Keymap\Merge;
use Zebrafinch\Core\Tests\World;

function historyOf(string $file): History
{
    return History::of(FileOrder::of(World::bindings($file)), World::bindings($file));
}

/** @param  string  $step  lines that begin with - or + */
function stepOf(string $step): Change
{
    $change = Change::none();
    foreach (explode("\n", $step) as $line) {
        $bindings = World::bindings(substr($line, 1))->all();
        $change = $line[0] === '-' ? $change->removing(...$bindings) : $change->adding(...$bindings);
    }

    return $change;
}

/** @return list<string> as World::bindings() reads them */
function idsOf(Bindings|History $of): array
{
    return ($of instanceof History ? $of->bindings() : $of)->ids();
}

/** A binding out of a few, so that the same ones come and go again and again. */
function randomBindings(int $most): Bindings
{
    $lines = [];
    for ($count = mt_rand(0, $most); $count > 0; $count--) {
        $context = ['desk', 'shelf', 'note'][mt_rand(0, 2)];
        $chord = ['KeyS', 'KeyP', 'Primary+KeyG', 'F6'][mt_rand(0, 3)];
        $lines[] = "{$context} {$chord} ".['saw', 'plane', 'glue'][mt_rand(0, 2)];
    }

    return World::bindings(implode("\n", $lines));
}

function randomStep(Bindings $now): Change
{
    $all = $now->all();
    $change = Change::none()->adding(...randomBindings(2)->all());

    return $all === [] ? $change : $change->removing($all[mt_rand(0, count($all) - 1)]);
}

test('a chord that was removed and put back stands where it stood', function () {
    $file = "desk KeyS saw\ndesk KeyP plane\nshelf KeyG glue";
    $now = historyOf($file)->with(stepOf('-desk KeyS saw'))->with(stepOf('+desk KeyS saw'));
    expect(idsOf($now))->toBe(World::bindings($file)->ids());
});

test('a moved command stands where its old chord stood, and a further chord behind the last of its context', function () {
    $now = historyOf("desk KeyS saw\nshelf KeyG glue")->with(stepOf("-desk KeyS saw\n+desk F6 saw"))->with(stepOf('+desk KeyX plane'));
    expect(idsOf($now))->toBe(World::bindings("desk F6 saw\ndesk KeyX plane\nshelf KeyG glue")->ids());
});

test('an undo gives back what was there, order included, whatever was done', function () {
    for ($seed = 0; $seed < 400; $seed++) {
        mt_srand($seed);
        $file = randomBindings(8);
        $history = History::of(FileOrder::of($file), $file);
        $states = [idsOf($history)];
        for ($steps = mt_rand(1, 10); $steps > 0; $steps--) {
            $history = $history->with(randomStep($history->bindings()));
            $states[] = idsOf($history);
        }
        for ($at = count($states) - 2; $at >= 0; $at--) {
            $history = $history->undone();
            expect(idsOf($history))->toBe($states[$at], "seed {$seed}");
        }
        for ($at = 1; $at < count($states); $at++) {
            $history = $history->redone();
            expect(idsOf($history))->toBe($states[$at], "seed {$seed}");
        }
        expect(idsOf($history->redone()))->toBe(idsOf($history), "seed {$seed}");
    }
});

test('what stands in the order of a file stays in it', function () {
    for ($seed = 0; $seed < 400; $seed++) {
        mt_srand($seed);
        $order = FileOrder::of(randomBindings(8));
        $once = $order->sorted(randomBindings(8));
        expect(idsOf($order->sorted($once)))->toBe(idsOf($once), "seed {$seed}");
    }
});

test('undoing a follower\'s own chord leads to the chord that the parent has now, once', function () {
    $parent = "desk KeyS saw\ndesk KeyP plane";
    $follower = historyOf($parent)->with(stepOf("-desk KeyS saw\n+desk F6 saw"));
    $led = $follower->on(World::bindings("desk F7 saw\ndesk KeyP plane"));
    expect(idsOf($led))
        ->toBe(World::bindings("desk F6 saw\ndesk KeyP plane")->ids())
        ->and(idsOf($led->undone()))
        ->toBe(World::bindings("desk F7 saw\ndesk KeyP plane")->ids())
        ->and(idsOf($led->undone()->redone()))
        ->toBe(idsOf($led));
});

test('a follower gets what its parent changes elsewhere and keeps its own', function () {
    $follower = historyOf("desk KeyS saw\ndesk KeyP plane\nshelf KeyG glue")->with(
        stepOf("-desk KeyS saw\n+desk F6 saw\n-shelf KeyG glue"),
    );
    $led = $follower->on(World::bindings("desk KeyS saw\nshelf KeyG glue\nnote KeyX paint"));
    expect(idsOf($led))
        ->toBe(World::bindings("desk F6 saw\nnote KeyX paint")->ids())
        ->and(idsOf($led->undone()))
        ->toBe(World::bindings("desk KeyS saw\nshelf KeyG glue\nnote KeyX paint")->ids());
});

test('a step that the parent has made itself is nothing to undo any more', function () {
    $follower = historyOf('desk KeyS saw')->with(stepOf("-desk KeyS saw\n+desk F6 saw"));
    expect($follower->on(World::bindings('desk F6 saw'))->steps()[0]->isEmpty())->toBeTrue();
});

test('a follower without steps of its own is its parent, whatever that becomes', function () {
    for ($seed = 0; $seed < 200; $seed++) {
        mt_srand($seed);
        $file = randomBindings(8);
        [$then, $now] = [randomBindings(8), randomBindings(8)];
        $order = FileOrder::of($file);
        expect(idsOf(History::of($order, $then)->on($now)))->toBe(idsOf($order->sorted($now)), "seed {$seed}");
    }
});

test('a merge takes in all that only one side changed', function () {
    for ($seed = 0; $seed < 400; $seed++) {
        mt_srand($seed);
        [$base, $ours, $theirs] = [randomBindings(6), randomBindings(6), randomBindings(6)];
        $merge = Merge::of($base, $ours, $theirs);
        $sorted = static function (Bindings $bindings): array {
            $ids = $bindings->ids();
            sort($ids);

            return $ids;
        };
        expect($sorted(Merge::of($base, $ours, $base)->result))
            ->toBe($sorted($ours), "seed {$seed}")
            ->and($sorted(Merge::of($base, $base, $theirs)->result))
            ->toBe($sorted($theirs), "seed {$seed}")
            ->and($sorted(Merge::of($base, $ours, $ours)->result))
            ->toBe($sorted($ours), "seed {$seed}");
        // Nothing is made up, and what both have is there.
        $either = [...$ours->ids(), ...$theirs->ids()];
        expect(array_diff($merge->result->ids(), $either))
            ->toBe([], "seed {$seed}")
            ->and(array_diff(array_intersect($ours->ids(), $theirs->ids()), $merge->result->ids()))
            ->toBe([], "seed {$seed}");
        if ($merge->conflicts === []) {
            expect($sorted(Merge::of($base, $theirs, $ours)->result))->toBe($sorted($merge->result), "seed {$seed}");
        }
    }
});

test('a command moved to two different chords is a conflict in which ours stays, with both sides named', function () {
    $merge = Merge::of(World::bindings('desk KeyS saw'), World::bindings('desk F6 saw'), World::bindings('desk F7 saw'));
    expect($merge->result->ids())
        ->toBe(World::bindings('desk F6 saw')->ids())
        ->and($merge->conflicts)
        ->toHaveCount(1)
        ->and([$merge->conflicts[0]->ours[0]->chord->id(), $merge->conflicts[0]->theirs[0]->chord->id()])
        ->toBe(['F6', 'F7']);
});

test('two changes that are fine alone and give one chord to two commands are told', function () {
    $merge = Merge::of(
        World::bindings("desk KeyS saw\ndesk KeyP plane"),
        World::bindings("desk F6 saw\ndesk KeyP plane"),
        World::bindings("desk KeyS saw\ndesk F6 plane"),
    );
    expect($merge->conflicts)
        ->toBe([])
        ->and($merge->doubles)
        ->toHaveCount(1)
        ->and([$merge->doubles[0][0]->command, $merge->doubles[0][1]->command])
        ->toBe(['saw', 'plane']);
});

test('a keymap tells what it was at every version, whatever was undone, made again or followed since', function (int $seed) {
    mt_srand($seed);
    $history = historyOf("desk KeyS saw\nshelf KeyP plane\nnote F6 glue");
    $base = $history->bindings();
    [$writes, $was] = [[], [1 => $history->bindings()->ids()]];
    for ($version = 2; $version < 30; $version++) {
        $before = $history->bindings();
        if (mt_rand(0, 3) === 0) {
            $base = $base->changedBy(randomStep($base));
        }
        $history = match (mt_rand(0, 4)) {
            0 => $history->undone(),
            1 => $history->redone(),
            2 => $history->on($base),
            default => $history->with(randomStep($history->bindings())),
        };
        $writes[$version] = Change::between($before, $history->bindings());
        $was[$version] = $history->bindings()->ids();
    }
    foreach ($was as $version => $ids) {
        $later = array_filter($writes, static fn (int $made): bool => $made > $version, ARRAY_FILTER_USE_KEY);
        expect($history->at($version, $later)->ids())
            ->toEqualCanonicalizing($ids, "version {$version}")
            // Writes up to that version say nothing of what came after it.
            ->and($history->at($version, $writes)->ids())
            ->toEqualCanonicalizing($ids, "version {$version}, with all writes");
    }
})->with(range(1, 20));

test('two changes that give a chord to two commands are a double only in one context and by one gesture', function (
    string $ours,
    int $doubles,
) {
    $merge = Merge::of(
        World::bindings('desk F6 glue'),
        World::bindings("desk F6 glue\n{$ours}"),
        World::bindings("desk F6 glue\ndesk KeyS saw"),
    );
    expect($merge->doubles)->toHaveCount($doubles);
})->with([
    'the same chord for another command' => ['desk KeyS plane', 1],
    'another chord' => ['desk KeyP plane', 0],
    'another context' => ['shelf KeyS plane', 0],
    'held and not tapped' => ['desk KeyS plane hold', 0],
    'the same command' => ['desk KeyS saw', 0],
]);

test('a conflict names its command and context, whichever side took something away', function (
    string $before,
    string $ours,
    string $theirs,
) {
    $conflicts = Merge::of(World::bindings($before), World::bindings($ours), World::bindings($theirs))->conflicts;
    expect($conflicts)
        ->toHaveCount(1)
        ->and([$conflicts[0]->command, $conflicts[0]->context])
        ->toBe(['saw', 'desk']);
})->with([
    'both moved it' => ['desk KeyS saw', 'desk KeyP saw', 'desk KeyG saw'],
    'ours went, theirs moved' => ['desk KeyS saw', '', 'desk KeyG saw'],
    'ours moved, theirs went' => ['desk KeyS saw', 'desk KeyP saw', ''],
]);
