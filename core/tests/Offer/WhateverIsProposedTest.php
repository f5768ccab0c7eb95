<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\CarryOver\CarryOver;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Remedies;
use Zebrafinch\Core\Clash\Settle\SettleAll;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Harmoniser;
use Zebrafinch\Core\Harmonise\Line;
use Zebrafinch\Core\Harmonise\Scope;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

function someSeat(int $seed): Seat
{
    mt_srand($seed);
    $boards = World::boardIds();
    $layouts = World::layoutIds();

    return World::seat(
        System::cases()[mt_rand(0, 2)],
        $boards[mt_rand(0, count($boards) - 1)],
        $layouts[mt_rand(0, count($layouts) - 1)],
    );
}

/**
 * What speaks against new bindings of a keymap at its keyboard, and what its key file makes of them.
 *
 * @param  list<Binding>  $new
 * @return list<string>
 */
function objectionsTo(LoadedKeymap $keymap, array $new): array
{
    $rules = new ChordRules($keymap->application, [$keymap->seat], World::reserved());
    $found = [];
    foreach ($new as $binding) {
        $objection = $rules->objection($binding);
        if ($objection !== null) {
            $found[] = "{$binding->id()}: {$objection->sentence}";
        }
    }
    $dialect = World::dialects()->for($keymap->application);
    $blank = $dialect->read($dialect->blank($keymap->application), $keymap->application);
    $again = $dialect->read((new KeyFileWriter($dialect))->write($blank, Bindings::of(...$new)), $keymap->application)->bindings();

    return [...$found, ...Change::between($again, Bindings::of(...$new))->isEmpty() ? [] : ['does not read back as itself']];
}

/** @return list<LoadedKeymap> the factory keymaps at a keyboard */
function factoryKitAt(Seat $seat): array
{
    return array_map(
        static fn (string $id): LoadedKeymap => World::factory(World::application($id))->atSeat($seat),
        World::applicationIds(),
    );
}

test('whatever is carried over can be said, is pressed as it is written there, and reads back as itself', function (int $seed) {
    $kit = factoryKitAt(World::seat(System::MacOs));
    $vocabulary = World::vocabulary();
    foreach (factoryKitAt(someSeat($seed)) as $target) {
        $report = CarryOver::of($kit, $target, $vocabulary, new Importance($vocabulary), World::reserved());
        $new = array_values(Change::between($target->bindings(), $report->result)->added);
        expect(objectionsTo($target, $new))->toBe([], "seed {$seed}, {$target->application->id}");
    }
})->with(range(1, 60));

test('whatever a remedy or settling all puts in place of something can be said, and is pressed as it is written', function (int $seed) {
    $docket = BuiltInKinds::docket(World::reserved());
    $free = new Offers(reserved: World::reserved());
    foreach (factoryKitAt(someSeat($seed)) as $keymap) {
        $clashes = array_slice($docket->of($keymap), 0, 4);
        $new = SettleAll::of($keymap, $docket, $free, mostMoves: 3)->change()->added;
        foreach ($clashes as $clash) {
            foreach ((new Remedies($docket, $free))->for($clash, $keymap) as $remedy) {
                array_push($new, ...$remedy->change->added);
            }
        }
        expect(objectionsTo($keymap, array_values($new)))->toBe([], "seed {$seed}, {$keymap->application->id}");
    }
})->with(range(101, 120));

test('whatever is harmonised can be said at every keyboard in use, and reads back as itself', function (int $seed) {
    $seat = $seed === 0 ? World::seat(System::Windows, 'full-iso', 'german') : someSeat($seed);
    $kit = factoryKitAt($seat);
    $vocabulary = World::vocabulary();
    $harmoniser = new Harmoniser($vocabulary, new Importance($vocabulary), World::reserved());
    $scope = new Scope(['split', 'frame-forward', 'frame-back', 'zoom-in', 'zoom-out', 'undo', 'mark-in', 'delete-keyframe', 'save']);
    $result = $harmoniser->harmonise(
        $harmoniser->kit($kit, [$seat], $scope, new Weights()),
        static fn (Progress $now): bool => $now->cost > 1.05 * $now->bound,
    );
    foreach ($kit as $keymap) {
        $isHere = static fn (Line $one): bool => $one->target->keymap->application->id === $keymap->application->id;
        $new = array_values(
            array_filter(array_map(static fn (Line $one): ?Binding => $one->added(), array_filter($result->lines, $isHere))),
        );
        expect(objectionsTo($keymap, $new))->toBe([], "seed {$seed}, {$keymap->application->id}");
    }
})->with([0, ...range(201, 210)]);
