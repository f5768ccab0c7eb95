<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\KeyNaming;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Harmonise\Candidates;
use Zebrafinch\Core\Harmonise\Obstacles;
use Zebrafinch\Core\Harmonise\Option;
use Zebrafinch\Core\Harmonise\OptionFinder;
use Zebrafinch\Core\Harmonise\Scope;
use Zebrafinch\Core\Harmonise\SlotOptions;
use Zebrafinch\Core\Harmonise\Target;
use Zebrafinch\Core\Harmonise\Targets;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

/** Saw, Plane, Glue and Sand are for intents of the same name; Paint is for none. */
function woodWords(): Vocabulary
{
    $ids = ['saw', 'plane', 'glue', 'sand'];

    return Vocabulary::fromData(
        array_map(static fn (string $id): array => ['id' => $id, 'name' => ucfirst($id), 'group' => 'wood', 'synonyms' => []], $ids),
        ['workshop' => array_map(static fn (string $id): array => ['command' => $id, 'intent' => $id], $ids)],
    );
}

/** @return array<string, Target> by command */
function targetsIn(string $bindings, ?Scope $scope = null): array
{
    $targets = Targets::of(
        [World::loaded($bindings)],
        woodWords(),
        new Importance(woodWords()),
        $scope ?? new Scope(['saw', 'plane', 'glue', 'sand']),
    );

    return array_combine(array_map(static fn (Target $one): string => $one->command, $targets), $targets);
}

/** What a command can have, with the chord of each option. */
function optionsFor(string $command, string $bindings, ?Scope $scope = null, ?Weights $weights = null): SlotOptions
{
    $scope ??= new Scope(['saw', 'plane', 'glue', 'sand']);
    $keymap = World::loaded($bindings);
    $targets = targetsIn($bindings, $scope);
    $moving = [];
    foreach ($targets as $target) {
        if ($target->left === null && $target->now !== null) {
            $moving[$target->now->id()] = true;
        }
    }

    return (new OptionFinder(
        $targets[$command],
        candidatesFor($bindings),
        new Obstacles($keymap, [World::seat()], BuiltInKinds::docket(World::reserved()), $moving, []),
        new ChordRules($keymap->application, [World::seat()], World::reserved()),
        $scope,
        $weights ?? new Weights(),
        new Importance(woodWords()),
    ))->find();
}

function candidatesFor(string $bindings): Candidates
{
    return new Candidates([World::seat()], World::bindings($bindings)->all(), 60);
}

/** @return array<string, Option> by chord */
function byChord(SlotOptions $options, string $bindings): array
{
    $named = [];
    foreach ($options->byChord as $index => $option) {
        $named[candidatesFor($bindings)->chords[$index]->id()] = $option;
    }

    return $named;
}

test('a target is the first chord of a command with an intent in question, and its other chords stay', function () {
    $targets = targetsIn("desk KeyS saw\ndesk KeyP plane\ndesk KeyT saw\ndesk KeyX paint", new Scope(['saw', 'plane']));
    expect(array_keys($targets))
        ->toBe(['saw', 'plane'])
        ->and($targets['saw']->now?->chord->id())
        ->toBe('KeyS')
        ->and(array_map(static fn (Binding $one): string => $one->chord->id(), $targets['saw']->further))
        ->toBe(['KeyT'])
        ->and($targets['saw']->left)
        ->toBeNull();
});

test('a command without a chord is a target in the context where it is at home', function () {
    expect(targetsIn('desk KeyS saw')['glue'])->now->toBeNull()->context->toBe('everywhere')->left->toBeNull();
});

test('an intent that is asked for twice makes one target', function () {
    expect(targetsIn('desk KeyS saw', new Scope(['saw', 'saw'])))->toHaveCount(1);
});

test('what is not moved says why', function (string $bindings, Scope $scope, string $why) {
    expect(targetsIn($bindings, $scope)['saw']->left)->toContain($why);
})->with([
    'not to be touched' => [
        'desk KeyS saw',
        new Scope(['saw'], untouched: [['application' => 'workshop', 'command' => 'saw']]),
        'not to be',
    ],
    'a hold' => ['desk KeyS saw hold', new Scope(['saw']), 'holds are not moved'],
    'out of reach' => ["desk 'ж' saw", new Scope(['saw']), 'cannot be pressed at this keyboard'],
    'layered on purpose' => ["desk KeyS saw\neverywhere KeyS plane", new Scope(['saw', 'plane']), 'shares its chord with Plane'],
]);

test('what two chords of contexts that never meet do is no layering', function () {
    expect(targetsIn("desk KeyS saw\nshelf KeyS plane")['saw']->left)->toBeNull();
});

test('the chord of today costs no habit, any other does, and all cost the way of the hand', function () {
    $bindings = 'desk KeyS saw';
    $options = byChord(optionsFor('saw', $bindings, weights: new Weights(comfort: 1.0, habit: 5.0)), $bindings);
    $weight = targetsIn($bindings)['saw']->weight;
    expect($options['KeyS']->habit)
        ->toBe(0.0)
        ->and($options['KeyD']->habit)
        ->toEqualWithDelta(5.0 * $weight, 1e-9)
        ->and($options['KeyD']->comfort)
        ->toBeLessThan($options['Primary+Shift+KeyD']->comfort)
        ->and($options['KeyD']->cost())
        ->toEqualWithDelta($options['KeyD']->comfort + $options['KeyD']->habit + $options['KeyD']->others, 1e-9);
});

test('another chord of the same command is known to the hands already', function () {
    $bindings = "desk KeyS saw\ndesk KeyT saw\nshelf KeyR saw";
    $options = byChord(optionsFor('saw', $bindings), $bindings);
    expect($options['KeyT']->habit)->toBe(0.0)->and($options['KeyR']->habit)->toBeGreaterThan(0.0);
});

test('a command outside the scope may lose its chord, at a price, and one that moves itself is in nobody\'s way', function () {
    $bindings = "desk KeyS saw\ndesk KeyP plane\ndesk KeyX paint";
    $options = byChord(optionsFor('saw', $bindings), $bindings);
    expect(array_map(static fn (Binding $one): string => $one->command, $options['KeyX']->displaced))
        ->toBe(['paint'])
        ->and($options['KeyX']->others)
        ->toBeGreaterThanOrEqual(0.0)
        ->and($options['KeyP']->displaced)
        ->toBe([]);
});

test('a hold is never displaced, nor a chord given that text entry would take', function () {
    $held = "desk KeyS saw\ndesk KeyX paint hold";
    expect(byChord(optionsFor('saw', $held), $held))->not->toHaveKey('KeyX');
    $typed = 'note Primary+KeyB saw';
    $options = byChord(optionsFor('saw', $typed), $typed);
    expect($options)->not->toHaveKey('KeyD')->toHaveKey('Primary+KeyD');
});

test('what was refused does not come again, and what was accepted comes alone', function () {
    $bindings = 'desk KeyS saw';
    $said = static fn (?string $chord): array => [['application' => 'workshop', 'command' => 'saw', 'chord' => $chord]];
    $refused = optionsFor('saw', $bindings, new Scope(['saw'], refused: $said('KeyD')));
    $accepted = optionsFor('saw', $bindings, new Scope(['saw'], accepted: $said('KeyD')));
    $none = optionsFor('saw', $bindings, new Scope(['saw'], accepted: $said(null)));
    expect(byChord($refused, $bindings))
        ->not->toHaveKey('KeyD')
        ->toHaveKey('KeyS')
        ->and(array_keys(byChord($accepted, $bindings)))
        ->toBe(['KeyD'])
        ->and($accepted->unbound)
        ->toBeNull()
        ->and($none->byChord)
        ->toBe([])
        ->and($none->unbound)
        ->not->toBeNull();
});

test('a fixed chord comes alone where it can be had, and else the command stays as it is', function () {
    $bindings = "desk KeyS saw\ndesk KeyX paint hold";
    $fixed = static fn (string $chord): Scope => new Scope(['saw'], fixed: ['saw' => Chord::parse($chord)]);
    expect(array_keys(byChord(optionsFor('saw', $bindings, $fixed('KeyD')), $bindings)))
        ->toBe(['KeyD'])
        ->and(array_keys(byChord(optionsFor('saw', $bindings, $fixed('KeyX')), $bindings)))
        ->toBe(['KeyS']);
});

test('a target that is left has its chord of today and no other', function () {
    $bindings = 'desk KeyS saw';
    $scope = new Scope(['saw'], untouched: [['application' => 'workshop', 'command' => 'saw']]);
    expect(array_keys(byChord(optionsFor('saw', $bindings, $scope), $bindings)))->toBe(['KeyS']);
});

test('the costs that the instance gets are those that the explanation tells', function () {
    $options = optionsFor('saw', "desk KeyS saw\ndesk KeyX paint");
    foreach ($options->costs() as $chord => $cost) {
        $option = $options->byChord[$chord];
        expect($cost)->toBe($option->comfort + $option->habit + $option->others);
    }
    expect($options->costs())->not->toBe([]);
});

test('candidates have today\'s chords, then the easiest, each press once', function () {
    $bindings = "desk Primary+Shift+KeyL saw\ndesk 's' plane";
    $candidates = candidatesFor($bindings);
    $ids = array_map(static fn (Chord $one): string => $one->id(), $candidates->chords);
    $rest = array_slice($candidates->efforts, 2);
    $sorted = $rest;
    sort($sorted);
    expect(array_slice($ids, 0, 2))
        ->toBe(['Primary+Shift+KeyL', 'KeyS'])
        ->and($ids)
        ->toBe(array_values(array_unique($ids)))
        ->and($rest)
        ->toBe($sorted)
        ->and($candidates->index(Chord::parse("'s'")))
        ->toBe(1)
        ->and($candidates->index(Chord::parse('Escape')))
        ->toBeNull();
});

test('a candidate is written as the application names keys, and reached at every seat or at none', function () {
    $seats = [World::seat(System::Windows, 'full-iso', 'german'), World::seat(System::MacOs, 'laptop-iso', 'french')];
    $candidates = new Candidates($seats, World::bindings("desk Home saw\ndesk KeyS plane")->all(), 40);
    $home = $candidates->index(Chord::parse('Home'));
    $letter = $candidates->index(Chord::parse('KeyS'));
    $rules = new ChordRules(World::workshop(), $seats, World::reserved());
    $isAllowed = static fn (?int $at): bool => $at !== null &&
        $rules->objection(new Binding($candidates->written($at, KeyNaming::Position), 'saw', 'desk')) === null;
    expect($isAllowed($home))
        ->toBeFalse()
        ->and($isAllowed($letter))
        ->toBeTrue()
        ->and($letter === null ? null : $candidates->written($letter, KeyNaming::Character)->id())
        ->toBe("'s'");
});

test('weights are as usual but for what matters more or less', function () {
    $usual = (new Weights())->toData();
    $changed = Weights::mattering(['habit' => 3.0, 'alike' => 0.0])->toData();
    expect($changed)->toBe([...$usual, 'habit' => 3.0 * $usual['habit'], 'alike' => 0.0]);
});
