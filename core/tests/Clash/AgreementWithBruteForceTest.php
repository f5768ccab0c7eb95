<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\Alternative;
use Zebrafinch\Core\Clash\Alternatives;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Clash\Settle\Price;
use Zebrafinch\Core\Clash\Settle\SettleAll;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Rung;
use Zebrafinch\Core\Focus\Verdict;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\Clash\BruteForce;
use Zebrafinch\Core\Tests\Clash\RandomKits;
use Zebrafinch\Core\Tests\World;

/** @return list<string> as the brute force tells them */
function toldByDocket(LoadedKeymap $keymap): array
{
    $found = [];
    foreach (BuiltInKinds::docket(World::reserved())->of($keymap) as $clash) {
        if ($clash->kind->name() === 'shadow') {
            array_push(
                $found,
                ...array_map(static fn (Binding $lost): string => "shadow: {$clash->bindings[0]->id()} over {$lost->id()}", $clash->losing),
            );
        } elseif ($clash->kind->name() !== 'out-of-reach') {
            $found[] = BruteForce::told($clash->kind->name(), ...$clash->bindings);
        }
    }
    sort($found);

    return array_values(array_unique($found));
}

/** @return list<string> */
function faultsOf(LoadedKeymap $keymap): array
{
    return array_keys(
        array_filter(BuiltInKinds::docket(World::reserved())->of($keymap), static fn (Clash $one): bool => $one->grade === Grade::Fault),
    );
}

test('the docket tells what an independent checker finds, on thousands of generated keymaps', function (int $from) {
    for ($number = $from; $number < $from + 750; $number++) {
        $keymap = RandomKits::keymap($number);
        expect(toldByDocket($keymap))->toBe(BruteForce::clashes($keymap), "keymap {$number}");
    }
})->with([1, 751, 1_501, 2_251]);

test('who() gives each chord to a binding that no clash of the docket beats there', function () {
    for ($number = 1; $number <= 300; $number++) {
        $keymap = RandomKits::keymap($number);
        $who = new Who($keymap);
        foreach ($keymap->bindings() as $binding) {
            foreach ($keymap->application->contexts->all() as $focus) {
                $rungs = $who->rungs($binding->chord, $binding->gesture, $focus->id);
                $winners = array_filter($rungs, static fn (Rung $one): bool => $one->verdict === Verdict::Wins);
                $silent = array_filter(
                    $rungs,
                    static fn (Rung $one): bool => in_array($one->verdict, [Verdict::Typed, Verdict::Refused, Verdict::Undecided], true),
                );
                expect(count($winners))
                    ->toBeLessThanOrEqual(1)
                    ->and(
                        $winners === []
                            ? $silent !== [] || array_filter($rungs, static fn (Rung $one): bool => $one->binding !== null) === []
                            : $silent === [],
                    )
                    ->toBeTrue("keymap {$number} {$focus->id} {$binding->id()}");
            }
        }
    }
});

test('a change is judged from the presses it touches as it would be from the whole keymap', function () {
    for ($number = 1; $number <= 300; $number++) {
        $keymap = RandomKits::keymap($number);
        $all = $keymap->bindings()->all();
        $change = Change::none()->removing($all[0])->adding($all[1]->at($all[0]->chord));
        $after = $keymap->after($change);
        $afresh = new LoadedKeymap($keymap->application, $keymap->bindings()->changedBy($change), $keymap->seat);
        expect(toldByDocket($after))
            ->toBe(toldByDocket($afresh), "keymap {$number}")
            ->and($after->bindings()->ids())
            ->toBe($afresh->bindings()->ids());
    }
});

/** The cost of the cheapest way out, found by trying every combination of what can become of every binding on a faulty press. */
function cheapestByTryingAll(LoadedKeymap $keymap, Alternatives $alternatives, int $most): ?float
{
    $docket = BuiltInKinds::docket(World::reserved());
    $faulty = [];
    foreach (faultsOf($keymap) as $id) {
        foreach ($docket->of($keymap)[$id]->bindings as $binding) {
            $press = $keymap->seat->press($binding->chord);
            $faulty[$press->id] = $press;
        }
    }
    $on = array_merge(...array_map($keymap->onPress(...), array_values($faulty)));
    $price = new Price($keymap, $faulty);
    $options = array_map(static fn (Binding $one): array => [true, false, ...$alternatives->to($one, $keymap, $most)], $on);
    if (array_product(array_map(count(...), $options)) > 3_000) {
        return null;
    }
    $best = INF;
    $combinations = [[]];
    foreach ($options as $choices) {
        $combinations = array_merge(
            ...array_map(
                static fn (array $done): array => array_map(static fn (Alternative|bool $one): array => [...$done, $one], $choices),
                $combinations,
            ),
        );
    }
    foreach ($combinations as $combination) {
        $change = Change::none();
        $cost = 0.0;
        $come = [];
        foreach ($combination as $at => $choice) {
            $staying = array_values(
                array_filter(
                    $on,
                    static fn (Binding $one, int $other): bool => $combination[$other] === true && $one->chord->equals($on[$at]->chord),
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            $change = $choice === true ? $change : $change->removing($on[$at]);
            $cost += $choice === true ? 0.0 : ($choice === false ? $price->ofDropping($on[$at], $staying) : $price->ofChanging($choice));
            if ($choice instanceof Alternative) {
                $change = $change->adding($choice->binding);
                $come[] =
                    $choice->binding->context.
                    ' '.
                    $choice->binding->chord->id().
                    ' '.
                    ($keymap->application->tellsHold ? $choice->binding->gesture->value : '');
            }
        }
        // Two commands that both move to one place are not two repairs.
        if ($cost < $best && count(array_unique($come)) === count($come) && faultsOf($keymap->after($change)) === []) {
            $best = $cost;
        }
    }

    return $best;
}

test('Settle all leaves no fault and costs as little as trying everything, on small cases', function () {
    $free = new Offers(reserved: World::reserved());
    $compared = 0;
    for ($number = 1; $number <= 150; $number++) {
        $keymap = RandomKits::keymap($number, 6);
        $faults = faultsOf($keymap);
        $settlement = SettleAll::of($keymap, BuiltInKinds::docket(World::reserved()), $free, mostMoves: 2);
        expect(faultsOf($keymap->after($settlement->change())))
            ->toBe([], "keymap {$number}")
            ->and($settlement->bound)
            ->toBeLessThanOrEqual($settlement->cost + 1e-9);
        $cheapest = $faults === [] ? 0.0 : cheapestByTryingAll($keymap, new Alternatives($free), 2);
        if ($cheapest !== null) {
            $compared++;
            expect($settlement->cost)
                ->toEqualWithDelta($cheapest, 1e-6, "keymap {$number}")
                ->and($settlement->isCheapest())
                ->toBeTrue();
        }
    }
    expect($compared)->toBeGreaterThan(80);
});

test('Settle all leaves nothing that it was asked to settle, on large cases too, and with the warnings', function () {
    $free = new Offers(reserved: World::reserved());
    $docket = BuiltInKinds::docket(World::reserved());
    for ($number = 1; $number <= 220; $number++) {
        $keymap = RandomKits::keymap($number, 12);
        $settlement = SettleAll::of($keymap, $docket, $free, mostMoves: 3);
        expect(faultsOf($keymap->after($settlement->change())))
            ->toBe([], "keymap {$number}")
            ->and($settlement->left)
            ->toBe([], "keymap {$number}");
        if ($number % 10 === 0) {
            $all = SettleAll::of($keymap, $docket, $free, withWarnings: true, mostMoves: 2);
            expect($docket->of($keymap->after($all->change())))->toBe([], "keymap {$number}, warnings too");
        }
    }
});
