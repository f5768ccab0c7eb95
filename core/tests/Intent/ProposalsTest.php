<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Intent\Fit;
use Zebrafinch\Core\Intent\Proposal;
use Zebrafinch\Core\Intent\Proposals;
use Zebrafinch\Core\Intent\TradeWords;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Tests\World;

function tradeWords(): TradeWords
{
    return TradeWords::fromData(World::json('catalogues/words.json'));
}

/**
 * @return array{
 *     int,
 *     int,
 *     int,
 *     int,
 * } matched commands, those of them whose first proposal is right, proposals that are sure, those of them that are right
 */
function judged(Vocabulary $vocabulary, string $application, Proposals $proposals): array
{
    $judged = [0, 0, 0, 0];
    $byCommand = [];
    foreach ($proposals->for(World::application($application)) as $proposal) {
        $byCommand[$proposal->command->id] = $proposal;
        $isRight = $vocabulary->matchFor($application, $proposal->command->id)?->intent === $proposal->fits[0]->intent->id;
        $judged[2] += (int) $proposal->isSure;
        $judged[3] += (int) ($proposal->isSure && $isRight);
    }
    foreach ($vocabulary->matchesOf($application) as $match) {
        $judged[0]++;
        $judged[1] += (int) (($byCommand[$match->command] ?? null)?->fits[0]->intent->id === $match->intent);
    }

    return $judged;
}

/** @return array{float, float, int} share of first proposals that are right, share of sure ones that are, and how many are sure */
function shares(bool $othersTeach): array
{
    $vocabulary = World::vocabulary();
    $sums = [0, 0, 0, 0];
    foreach (World::applicationIds() as $id) {
        $others = $othersTeach ? array_map(World::application(...), array_values(array_diff(World::applicationIds(), [$id]))) : [];
        foreach (judged($vocabulary, $id, Proposals::from($vocabulary->without($id), tradeWords(), $others)) as $index => $count) {
            $sums[$index] += $count;
        }
    }

    return [$sums[1] / $sums[0], $sums[3] / $sums[2], $sums[2]];
}

// The right answers are the matches of the catalogues; a sure proposal for a command that has none there counts as wrong.
test(
    'the first proposal is right for 85 % of the matched commands and a sure one 97 % of the time, with no match known at all',
    function () {
        [$first, $sure, $count] = shares(othersTeach: false);
        expect($first)->toBeGreaterThanOrEqual(0.85)->and($sure)->toBeGreaterThanOrEqual(0.97)->and($count)->toBeGreaterThan(150);
    },
);

test('where other applications are matched already, they teach how commands can be called', function () {
    [$first, $sure, $count] = shares(othersTeach: true);
    expect($first)->toBeGreaterThanOrEqual(0.9)->and($sure)->toBeGreaterThanOrEqual(0.97)->and($count)->toBeGreaterThan(250);
});

function proposedFor(Command ...$commands): array
{
    $like = World::workshop();
    $application = Application::of(
        'new',
        'New',
        'tests',
        $like->contexts,
        $like->precedence,
        $like->loading,
        'none',
        Commands::of($commands),
    );

    return Proposals::from(World::vocabulary(), tradeWords(), [World::cutloom()])->for($application);
}

test('a proposal names its evidence, the strongest first', function () {
    [$proposal] = proposedFor(new Command('x', 'Mute track', ['Track', 'Mute track'], 'Silence the track', 'everywhere'));
    expect($proposal->fits[0]->intent->id)
        ->toBe('mute')
        ->and($proposal->fits[0]->evidence[0])
        ->toContain('Mute')
        ->and($proposal->fits[0]->confidence())
        ->toBeBetween(0.5, 1.0)
        ->and(array_map(static fn (Fit $one): float => $one->score, $proposal->fits))
        ->toBe(collectSorted($proposal));
});

/** @return list<float> */
function collectSorted(Proposal $proposal): array
{
    $scores = array_map(static fn (Fit $one): float => $one->score, $proposal->fits);
    rsort($scores);

    return $scores;
}

test('the tooltip leads where the name says nothing', function () {
    [$proposal] = proposedFor(new Command('x', 'Hush', [], 'Mute the track', 'everywhere'));
    expect($proposal->fits[0]->intent->id)
        ->toBe('mute')
        ->and($proposal->isSure)
        ->toBeFalse();
});

test('what nothing speaks for gets no proposal', function () {
    expect(proposedFor(new Command('x', 'Qwyx', [], '', 'everywhere')))->toBe([]);
});

test('opposites are not taken for each other', function () {
    $first = static fn (string $name): string => proposedFor(new Command('x', $name, [], '', 'everywhere'))[0]->fits[0]->intent->id;
    expect($first('Next keyframe'))->toBe('next-keyframe')->and($first('Keyframe before'))->toBe('previous-keyframe');
});

test('of two commands that fit an intent, the better one is proposed for it', function () {
    [$one, $other] = proposedFor(
        new Command('x', 'Undo', [], 'Take the last step back', 'everywhere'),
        new Command('y', 'Undo history', [], 'List the last steps', 'everywhere'),
    );
    expect($one->fits[0]->intent->id)
        ->toBe('undo')
        ->and($one->isSure)
        ->toBeTrue()
        ->and($other->isSure)
        ->toBeFalse();
});

test('a number in a name is a word like any other', function () {
    [$proposal] = proposedFor(new Command('x', 'Mute track 12', ['Track', 'Mute track 12'], 'Silence the track 12', 'everywhere'));
    expect($proposal->fits[0]->intent->id)->toBe('mute');
});
