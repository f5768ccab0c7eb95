<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

/** What comes of a change: lines as World::bindings() reads them, first those that go, then those that come. */
function consequencesOf(string $keymap, string $removed, string $added): Consequences
{
    return Consequences::of(
        World::loaded($keymap),
        Change::none()->removing(...World::bindings($removed)->all())->adding(...World::bindings($added)->all()),
        BuiltInKinds::docket(World::reserved()),
    );
}

/** @return list<string> */
function namesOf(array $clashes): array
{
    return array_map(static fn (Clash $clash): string => $clash->kind->name(), $clashes);
}

test('a change tells the clashes that come of it and those that it settles, and no others', function () {
    $keymap = "desk KeyS saw\ndesk KeyS plane\nshelf KeyG glue";
    $settling = consequencesOf($keymap, 'desk KeyS plane', 'desk KeyP plane');
    $raising = consequencesOf($keymap, 'shelf KeyG glue', "everywhere KeyG glue\nshelf KeyG sand");
    expect(namesOf($settling->settled))
        ->toContain('double')
        ->and(namesOf($settling->raised))
        ->not->toContain('double')
        ->and(namesOf($raising->raised))
        ->toContain('shadow')
        ->and(namesOf($raising->settled))
        ->not->toContain('double');
});

test('hands relearn each command that a change touches, with its chords and its ways before and after', function () {
    $found = consequencesOf("desk KeyF saw\ndesk F9 saw\ndesk KeyP plane", 'desk KeyF saw', 'desk KeyG glue')->relearning;
    $ids = static fn (array $chords): array => array_map(static fn (Chord $chord): string => $chord->id(), $chords);
    [$saw, $glue] = $found;
    expect($found)
        ->toHaveCount(2)
        ->and([$saw->command, $ids($saw->before), $ids($saw->after)])
        ->toBe(['saw', ['KeyF', 'F9'], ['F9']])
        ->and([$glue->command, $ids($glue->before), $ids($glue->after)])
        ->toBe(['glue', [], ['KeyG']])
        // The first chord is the one that is used: F lies under the finger, F9 far from it.
        ->and($saw->effortAfter)
        ->toBeGreaterThan((float) $saw->effortBefore)
        ->and($saw->effortBefore)
        ->not->toBeNull()
        ->and($glue->effortBefore)
        ->toBeNull()
        ->and($glue->effortAfter)
        ->not->toBeNull();
});

test('a fault needs a yes always, another clash on a way back only, and what brings none never', function (
    string $added,
    bool $needsOne,
    bool $needsOneOnTheWayBack,
) {
    $consequences = consequencesOf('desk KeyS saw', '', $added);
    expect([$consequences->needConfirmation(false), $consequences->needConfirmation(true)])->toBe([$needsOne, $needsOneOnTheWayBack]);
})->with([
    'a double' => ['desk KeyS plane', true, true],
    'a shadow' => ['everywhere KeyS plane', false, true],
    'nothing' => ['desk F6 plane', false, false],
]);
