<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\AtKeyboard;
use Zebrafinch\Core\Offer\CandidateChords;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Offer\Offer;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Tests\World;

/** @return list<string> offered chords, the best first */
function offered(Offers $offers, LoadedKeymap $keymap, string $command, string $context, int $most = 1000): array
{
    return array_map(static fn (Offer $one): string => $one->chord->id(), $offers->for($keymap, $command, $context, $most));
}

dataset('seats', [
    'a Mac with a US layout' => [System::MacOs, 'full-ansi', 'us'],
    'Windows with a German layout' => [System::Windows, 'full-iso', 'german'],
    'Linux with a Swedish layout' => [System::Linux, 'full-iso', 'swedish'],
    'a French laptop' => [System::MacOs, 'laptop-iso', 'french'],
]);

test('whatever is offered raises no clash, is reached as it is written, and is not typed where text is entered', function (
    System $system,
    string $board,
    string $layout,
) {
    $seat = World::seat($system, $board, $layout);
    $docket = BuiltInKinds::docket(World::reserved());
    $judge = new ReachJudge($seat, World::reserved());
    $count = 0;
    foreach (World::applicationIds() as $id) {
        $application = World::application($id);
        $keymap = new LoadedKeymap($application, World::factory($application, $system)->bindings(), $seat);
        foreach (array_slice($application->commands(), 0, 40, true) as $number => $command) {
            if ($command->is(CommandTrait::MenuOnly) || $number % 8 !== 0) {
                continue;
            }
            foreach ((new Offers(reserved: World::reserved()))->for($keymap, $command->id, $command->home, 6) as $offer) {
                $count++;
                $binding = new Binding($offer->chord, $command->id, $command->home);
                $raised = Consequences::of($keymap, Change::none()->adding($binding), $docket)->raised;
                expect($raised)
                    ->toBe([], "{$id} {$command->id} {$offer->chord->id()}")
                    ->and($judge->of($offer->chord)->kind)
                    ->toBe(ReachKind::AsWritten)
                    ->and($application->contexts->get($command->home)->textEntry && $seat->typed($offer->chord) !== null)
                    ->toBeFalse();
            }
        }
    }
    expect($count)->toBeGreaterThan(60);
})->with('seats');

test('what is known of a keyboard from before leads to the same offers', function (System $system, string $board, string $layout) {
    $seat = World::seat($system, $board, $layout);
    $known = static fn (Application $application, Seat $at, ChordRules $rules): AtKeyboard => AtKeyboard::fromData(
        $application,
        $at,
        $rules,
        json_decode(json_encode(AtKeyboard::of($application, $at, clone $rules)->toData(), JSON_THROW_ON_ERROR), true),
    );
    foreach (World::applicationIds() as $id) {
        $application = World::application($id);
        $keymap = new LoadedKeymap($application, World::factory($application, $system)->bindings(), $seat);
        foreach (array_slice($application->commands(), 3, 1) as $command) {
            foreach ($keymap->gestures() as $gesture) {
                $anew = (new Offers(reserved: World::reserved()))->for($keymap, $command->id, $command->home, 9, $gesture);
                $told = (new Offers(reserved: World::reserved(), atKeyboard: $known))->for(
                    $keymap,
                    $command->id,
                    $command->home,
                    9,
                    $gesture,
                );
                expect($told)->toEqual($anew);
            }
        }
    }
})->with('seats');

test('the best come first, and no more than are asked for', function () {
    $keymap = World::factory(World::cutloom());
    $all = (new Offers())->for($keymap, 'lift', 'timeline', 1000);
    $plain = array_values(array_filter($all, static fn (Offer $one): bool => count($one->reasons) === 1));
    $efforts = array_map(static fn (Offer $one): float => $one->effort, $plain);
    $sorted = $efforts;
    sort($sorted);
    expect($efforts)
        ->toBe($sorted)
        ->and(offered(new Offers(), $keymap, 'lift', 'timeline', 5))
        ->toBe(array_slice(offered(new Offers(), $keymap, 'lift', 'timeline'), 0, 5))
        ->and(offered(new Offers(), $keymap, 'lift', 'timeline', 0))
        ->toBe([]);
});

test('a chord that somebody has where both are awake is not offered, and one of a context that never meets is', function () {
    $keymap = World::loaded("desk KeyS saw\nshelf KeyG glue\neverywhere KeyF paint");
    $chords = offered(new Offers(), $keymap, 'plane', 'desk');
    expect($chords)->not->toContain('KeyS')->not->toContain('KeyF')->toContain('KeyG');
});

test('a chord is free for a hold and a tap, or it is not offered', function () {
    $keymap = World::loaded('desk KeyS saw hold', World::workshop(tellsHold: true));
    expect(offered(new Offers(), $keymap, 'plane', 'desk'))->not->toContain('KeyS');
});

test('where text is entered only chords that type nothing are offered', function () {
    $keymap = World::loaded('');
    $chords = offered(new Offers(), $keymap, 'saw', 'note');
    $typing = array_filter($chords, static fn (string $chord): bool => $keymap->seat->typed(Chord::parse($chord)) !== null);
    expect($chords)->not->toBe([])->and($typing)->toBe([])->and(offered(new Offers(), $keymap, 'saw', 'desk'))->toContain('KeyS');
});

test('a chord has to work at every seat that is asked for, and says in which', function () {
    $keymap = World::loaded('');
    $laptop = World::seat(System::MacOs, 'laptop-iso', 'french');
    $offers = new Offers(alsoAt: ['Road case' => $laptop], reserved: World::reserved());
    $judge = new ReachJudge($laptop, World::reserved());
    foreach ($offers->for($keymap, 'saw', 'desk', 1000) as $offer) {
        expect($judge->of($offer->chord)->kind)->toBe(ReachKind::AsWritten)->and($offer->reasons)->toContain('works in Road case');
    }
    expect(offered(new Offers(), $keymap, 'saw', 'desk'))
        ->toContain('Home')
        ->and(offered($offers, $keymap, 'saw', 'desk'))
        ->not->toContain('Home')
        ->not->toBe([]);
});

test('what the system reserves is not offered', function () {
    $keymap = World::loaded('', system: System::MacOs);
    $with = offered(new Offers(reserved: World::reserved()), $keymap, 'saw', 'desk');
    $taken = array_filter(
        $with,
        static fn (string $chord): bool => World::reserved()->find(Chord::parse($chord)->on(System::MacOs), System::MacOs) !== null,
    );
    expect($taken)->toBe([])->and(count(offered(new Offers(), $keymap, 'saw', 'desk')))->toBeGreaterThan(count($with));
});

test('the chord of the same intent in another application goes before all that are merely near', function () {
    $offers = new Offers(elsewhere: ['saw' => [Chord::parse('Primary+Shift+KeyL')]]);
    $first = $offers->for(World::loaded(''), 'saw', 'desk', 1)[0];
    expect($first->chord->id())->toBe('Primary+Shift+KeyL')->and($first->reasons[0])->toBe('the same chord in another application');
});

test('a letter stands for a word of the name that is long enough to mean something', function () {
    $cutloom = World::factory(World::cutloom());
    $reasons = [];
    foreach ((new Offers())->for($cutloom, 'split-at-playhead', 'timeline', 1000) as $offer) {
        foreach (preg_grep('/^stands for/', $offer->reasons) as $reason) {
            $reasons[$reason] = true;
        }
    }
    expect(array_keys($reasons))->toContain('stands for "playhead"')->not->toContain('stands for "at"');
});

test('for the desktop nothing is offered that the application in front would lose', function () {
    $inFront = World::loaded('everywhere KeyS saw');
    $desktop = World::applicationsAndDesktop()['desktop'];
    $keymap = new LoadedKeymap($desktop, World::bindings(''), World::seat());
    $command = $desktop->commands()[0];
    $chords = offered(new Offers(inFront: [$command->home => $inFront]), $keymap, $command->id, $command->home);
    expect($chords)->not->toContain('KeyS')->not->toContain('KeyD')->toContain('Primary+KeyD');
});

test('an application that names keys by what they type gets its chords so', function () {
    $rotomere = World::application('rotomere');
    $seat = World::seat(System::Windows, 'full-iso', 'german');
    $keymap = new LoadedKeymap($rotomere, World::factory($rotomere, System::Windows)->bindings(), $seat);
    $command = $rotomere->commands()[0];
    $chords = offered(new Offers(), $keymap, $command->id, $command->home);
    expect(preg_grep('/(^|\+)Key[A-Z]$/', $chords))
        ->toBe([])
        ->and(array_filter($chords, static fn (string $chord): bool => Chord::parse($chord)->key instanceof Character))
        ->not->toBe([]);
});

test('no candidate is a key that people expect to keep its meaning, or that is only held', function (
    System $system,
    string $board,
    string $layout,
) {
    $seat = World::seat($system, $board, $layout);
    $chords = iterator_to_array(CandidateChords::at($seat), false);
    $ids = array_map(static fn (Chord $one): string => $one->id(), $chords);
    expect($ids)
        ->toBe(array_values(array_unique($ids)))
        ->and(
            array_intersect($ids, ['Escape', 'Enter', 'Tab', 'Space', 'Backspace', 'Primary+KeyQ', 'Primary+KeyW', 'Alt+F4', 'CapsLock']),
        )
        ->toBe([]);
    foreach ($chords as $chord) {
        expect($chord->key instanceof Key && ! $chord->key->isOnlyHeld() && $seat->board->has($chord->key))->toBeTrue();
    }
})->with('seats');

test('a written chord is the press it was written for, by position and by character', function (
    System $system,
    string $board,
    string $layout,
) {
    $seat = World::seat($system, $board, $layout);
    $byCharacter = World::application('rotomere')->naming;
    $byPosition = World::cutloom()->naming;
    $characters = 0;
    foreach (CandidateChords::at($seat) as $chord) {
        expect($byPosition->write($chord, $seat))->toBe($chord);
        $written = $byCharacter->write($chord, $seat);
        if ($written->key instanceof Character) {
            $characters++;
            expect($written->modifiers->has(Modifier::Shift))->toBeFalse();
        }
        // Where two keys type one character either may be pressed for it.
        if ($seat->press($written)->id !== $seat->press($chord)->id) {
            expect($seat->typed($seat->press($written)->made ?? $written))->toBe($seat->typed($chord));
        }
    }
    expect($characters)->toBeGreaterThan(20);
})->with('seats');

test(
    'on every board, layout and system what nothing speaks against is pressed as it is written, can be said, and reads back as itself',
    function (System $system) {
        $written = [];
        $applications = World::applicationsAndDesktop();
        foreach (World::boardIds() as $board) {
            foreach (World::layoutIds() as $layout) {
                if (! World::isSampled("{$board} {$layout}")) {
                    continue;
                }
                $seat = World::seat($system, $board, $layout);
                $judge = new ReachJudge($seat, World::reserved());
                $isAsWritten = [];
                $candidates = iterator_to_array(CandidateChords::at($seat), false);
                foreach ($applications as $id => $application) {
                    $rules = new ChordRules($application, [$seat], World::reserved());
                    $command = $application->commands()[0];
                    $text = array_keys($application->contexts->takingText())[0] ?? null;
                    foreach ($candidates as $candidate) {
                        $wanted = new Binding($application->naming->write($candidate, $seat), $command->id, $command->home);
                        $chord = $wanted->chord->id();
                        if ($rules->objection($wanted) !== null) {
                            continue;
                        }
                        $isAsWritten[$chord] ??= $judge->of($wanted->chord)->kind === ReachKind::AsWritten;
                        $inText = $text === null ? null : new Binding($wanted->chord, $command->id, $text);
                        $isTyped = $inText !== null && $rules->objection($inText) === null && $seat->typed($wanted->chord) !== null;
                        if (! $isAsWritten[$chord] || $isTyped) {
                            throw new RuntimeException("{$id} at {$board}, {$layout}: {$chord}");
                        }
                        $written[$id][$chord] = $wanted;
                    }
                }
            }
        }
        foreach ($written as $id => $bindings) {
            $application = $applications[$id];
            $dialect = World::dialects()->for($application);
            $file = $dialect->read($dialect->blank(), $application);
            $again = $dialect->read((new KeyFileWriter($dialect))->write($file, Bindings::of(...array_values($bindings))), $application);
            $here = array_keys($bindings);
            $there = array_map(static fn (Binding $one): string => $one->chord->id(), $again->bindings()->all());
            sort($here);
            sort($there);
            expect($there)->toBe($here)->and(count($here))->toBeGreaterThan(100);
        }
    },
)->with(System::cases())->group('sampled');

test('what works in other suites is judged as it is written there, and must be free there', function () {
    $german = World::seat(System::Windows, 'full-iso', 'german');
    $rotomere = World::application('rotomere');
    $here = new LoadedKeymap($rotomere, World::factory($rotomere)->bindings(), World::seat(System::MacOs));
    $judge = new ReachJudge($german, World::reserved());
    $offers = (new Offers(alsoAt: ['Bittern' => $german], reserved: World::reserved()))->for($here, 'new-free-shape', 'draw', 1000);
    $there = $here->atSeat($german);
    expect($offers)->not->toBe([]);
    foreach ($offers as $offer) {
        expect($judge->of($offer->chord)->kind)
            ->toBe(ReachKind::AsWritten, $offer->chord->id())
            ->and($there->isFree($offer->chord, Gesture::Tap, 'draw'))
            ->toBeTrue($offer->chord->id());
    }
});

test('no dead key is offered where the key file names characters', function () {
    $rotomere = World::application('rotomere');
    $german = new LoadedKeymap($rotomere, Bindings::of(), World::seat(System::Windows, 'full-iso', 'german'));
    $chords = offered(new Offers(reserved: World::reserved()), $german, 'new-free-shape', 'draw');
    expect($chords)->not->toContain('Equal')->not->toContain('Backquote')->not->toContain('Primary+Equal')->toContain("'n'");
});

test('where a context around takes text, nothing that is typed is offered either', function () {
    $contexts = ContextTree::of(
        new Context('everywhere', 'Everywhere', null),
        new Context('note', 'Note', 'everywhere', textEntry: true),
        new Context('margin', 'Margin', 'note'),
    );
    $keymap = new LoadedKeymap(World::likeWorkshop('shed', $contexts), Bindings::of(), World::seat());
    expect(offered(new Offers(), $keymap, 'saw', 'margin'))->not->toContain('KeyS')->toContain('Primary+KeyS');
});
