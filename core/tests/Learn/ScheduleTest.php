<?php

declare(strict_types=1);

use Zebrafinch\Core\Learn\Box;
use Zebrafinch\Core\Learn\Card;
use Zebrafinch\Core\Learn\Deck;
use Zebrafinch\Core\Learn\Drill;
use Zebrafinch\Core\Learn\QuestionKind;

const DAY = 86_400;
const BEGUN = 1_772_500_000;

test('the compartments are as wide as Leitner made them', function () {
    // Sebastian Leitner, So lernt man lernen, 1972: 1, 2, 5, 8 and 14 (from memory).
    expect(array_map(static fn (Box $one): int => $one->days(), Box::cases()))->toBe([1, 2, 5, 8, 14]);
});

test('a new card is due at once, a known one after its box\'s days less half a day', function () {
    $card = Card::new('undo', BEGUN);
    expect($card->isDue(BEGUN))->toBeTrue();
    foreach ([2, 5, 8, 14] as $days) {
        $card = $card->answered(true, BEGUN);
        expect($card->due())->toBe(BEGUN + $days * DAY - DAY / 2);
    }
    $learned = $card->answered(true, BEGUN);
    expect($learned->isLearned())->toBeTrue()->and($learned->due())->toBeNull();
});

test('a missed card goes back to the first box from any box, and from being learned', function (?int $box) {
    $card = Card::stored('undo', $box, BEGUN, BEGUN)->answered(false, BEGUN + DAY);
    expect($card->box)
        ->toBe(Box::First)
        ->and($card->due())
        ->toBe(BEGUN + 2 * DAY - DAY / 2);
})->with([1, 2, 3, 4, 5, 'learned' => [null]]);

test('a forgotten card is due at once', function () {
    $card = Card::stored('undo', null, BEGUN, BEGUN)->forgotten();
    expect($card->isDue(BEGUN))->toBeTrue()->and($card->box)->toBe(Box::First);
});

/**
 * What people do with a card box over time: cards come, are asked when they are due or ahead of it, known or missed, and forgotten.
 *
 * @param  callable(array<string, Card> $cards, int $now): void  $holds  after each step
 */
function history(int $seed, callable $holds): void
{
    mt_srand($seed);
    $cards = [];
    $now = BEGUN;
    for ($step = 0; $step < 120; $step++) {
        $now += mt_rand(0, 3) * mt_rand(0, DAY);
        $id = "card {$step}";
        if (mt_rand(0, 3) === 0) {
            $cards[$id] = Card::new($id, $now);
        }
        foreach (Deck::of(...array_values($cards))->due($now) as $card) {
            if (mt_rand(0, 2) > 0) {
                $cards[$card->id] = $card->answered(mt_rand(0, 3) > 0, $now);
            }
        }
        foreach ($cards as $id => $card) {
            if ($card->isLearned() && mt_rand(0, 20) === 0) {
                $cards[$id] = $card->forgotten();
            }
        }
        $holds($cards, $now);
    }
}

test('over any history a missed card never waits longer than a known one', function (int $seed) {
    history($seed, static function (array $cards, int $now): void {
        foreach ($cards as $card) {
            $missed = $card->answered(false, $now)->due();
            $known = $card->answered(true, $now)->due();
            expect($missed)->not->toBeNull();
            if ($known !== null) {
                expect($missed)->toBeLessThanOrEqual($known);
            }
        }
    });
})->with(range(1, 12));

test('over any history no card is lost: each lies in one box or is learned, and each that is not learned comes again', function (
    int $seed,
) {
    history($seed, static function (array $cards, int $now): void {
        $deck = Deck::of(...array_values($cards));
        expect(array_sum($deck->inBoxes()) + $deck->learned())->toBe(count($cards));
        foreach ($cards as $card) {
            expect($card->isLearned() || $card->due() <= $now + 14 * DAY)->toBeTrue();
        }
        $open = array_filter($cards, static fn (Card $one): bool => ! $one->isLearned());
        expect($deck->soonest())->toHaveCount(count($open));
        $next = $deck->nextDue($now);
        expect(count($deck->due($now)) === count($open))->toBe($next === null);
    });
})->with(range(1, 12));

test('the order does not depend on the zone of the machine, nor on the order of the cards', function () {
    $cards = [];
    mt_srand(3);
    for ($index = 0; $index < 40; $index++) {
        $cards[] = Card::stored("card {$index}", mt_rand(1, 5), BEGUN, BEGUN - mt_rand(0, 20) * DAY);
    }
    $order = static fn (): array => array_map(static fn (Card $one): string => $one->id, Deck::of(...$cards)->due(BEGUN));
    $first = $order();
    expect($first)->not->toBe([]);
    $before = date_default_timezone_get();
    foreach (['Pacific/Kiritimati', 'Pacific/Pago_Pago', 'America/New_York'] as $zone) {
        date_default_timezone_set($zone);
        shuffle($cards);
        expect($order())->toBe($first);
    }
    date_default_timezone_set($before);
});

test('a drill asks fifteen cards at most, and is over after five minutes', function () {
    $drill = Drill::of(array_map(static fn (int $one): string => "card {$one}", range(1, 40)), BEGUN);
    expect($drill->left())->toBe(15)->and($drill->next(BEGUN + 299))->toBe('card 1')->and($drill->next(BEGUN + 300))->toBeNull();
});

test('a missed card comes again after three others, and only its first answer moves it', function () {
    $drill = Drill::of(['a', 'b', 'c', 'd', 'e'], BEGUN);
    expect($drill->isFirst('a'))->toBeTrue();
    $drill = $drill->answered('a', false, BEGUN + 1);
    expect($drill->isFirst('a'))->toBeFalse();
    $asked = [];
    while (($next = $drill->next(BEGUN + 2)) !== null) {
        $asked[] = $next;
        $drill = $drill->answered($next, true, BEGUN + 2);
    }
    expect($asked)
        ->toBe(['b', 'c', 'd', 'a', 'e'])
        ->and($drill->missed())
        ->toBe(['a']);
});

test('a card that is missed again and again is left for another day', function () {
    $drill = Drill::of(['a'], BEGUN);
    foreach ([1, 2, 3] as $second) {
        $drill = $drill->answered('a', false, BEGUN + $second);
    }
    expect($drill->next(BEGUN + 4))->toBeNull();
});

test('an answer that comes twice counts once', function () {
    $drill = Drill::of(['a', 'b'], BEGUN)->answered('a', true, BEGUN + 1);
    expect($drill->answered('a', false, BEGUN + 1))->toBe($drill);
});

test('a drill is the same after it was stored, at any step', function () {
    mt_srand(11);
    $drill = Drill::of(['a', 'b', 'c', 'd'], BEGUN);
    for ($second = 0; ($next = $drill->next(BEGUN + $second)) !== null && $second < 290; $second++) {
        expect(Drill::fromData($drill->toData()))->toEqual($drill);
        $drill = $drill->answered($next, mt_rand(0, 1) === 1, BEGUN + $second);
    }
});

test('questions take turns among the ways that are possible', function () {
    $kinds = static fn (bool $intent, bool $picture): array => array_map(
        static fn (int $asked): string => QuestionKind::turn($asked, $intent, $picture)->value,
        [0, 1, 2, 3],
    );
    expect($kinds(true, true))
        ->toBe(['command', 'intent', 'picture', 'command'])
        ->and($kinds(false, true))
        ->toBe(['command', 'picture', 'command', 'picture'])
        ->and($kinds(false, false))
        ->toBe(['command', 'command', 'command', 'command']);
});
