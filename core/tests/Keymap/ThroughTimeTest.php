<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\History;
use Zebrafinch\Core\Keymap\Merge;
use Zebrafinch\Core\Tests\World;

/** A keymap, one that follows it and one that follows that, under random steps. */
final class RandomFamily
{
    /** @var non-empty-list<History> each follows the one before */
    private array $histories;

    private Bindings $saved;

    public function __construct(private readonly Application $application, private readonly KeyFile $file)
    {
        $first = History::of($file->order(), $file->bindings());
        $this->histories = [$first, History::of($file->order(), $first->bindings()), History::of($file->order(), $first->bindings())];
        $this->saved = $first->bindings();
    }

    public function step(string $when): void
    {
        $at = mt_rand(0, 2);
        $history = $this->histories[$at];
        $before = $history->bindings()->ids();
        switch (mt_rand(0, 9)) {
            case 0:
            case 1:
            case 2:
            case 3:
            case 4:
                $this->put($at, $history->with($this->change($history->bindings())));
                expect($this->histories[$at]->undone()->bindings()->ids())->toBe($before, "{$when}: undo of a change");
                break;
            case 5:
                // Where there is nothing to undo, a redo would make what was undone before.
                $undone = $history->undone();
                $this->put($at, $undone);
                $isUndone = $undone != $history;
                expect($isUndone ? $this->histories[$at]->redone()->bindings()->ids() : $before)->toBe($before, "{$when}: redo");
                break;
            case 6:
                $this->put($at, $history->redone());
                break;
            case 7:
                $this->saved = $history->bindings();
                break;
            case 8:
                $back = Change::between($history->bindings(), $this->saved);
                $this->put($at, $history->with($back));
                expect(Change::between($this->histories[$at]->bindings(), $this->saved)->isEmpty())->toBeTrue("{$when}: return");
                break;
            default:
                // Somebody else's changes of what was saved are taken in.
                $theirs = $this->saved->changedBy($this->change($this->saved));
                $merged = Merge::of($this->saved, $history->bindings(), $theirs)->result;
                $this->put($at, $history->with(Change::between($history->bindings(), $merged)));
        }
    }

    /** Those behind follow at once. */
    private function put(int $at, History $history): void
    {
        $this->histories[$at] = $history;
        for ($follower = $at + 1; $follower < 3; $follower++) {
            $this->histories[$follower] = $this->histories[$follower]->on($this->histories[$follower - 1]->bindings());
        }
    }

    private function change(Bindings $now): Change
    {
        $commands = $this->application->commands();
        $command = $commands[mt_rand(0, count($commands) - 1)];
        $new = new Binding(Chord::parse('F'.mt_rand(13, 17)), $command->id, $command->home);
        $all = $now->all();
        $old = $all === [] ? $new : $all[mt_rand(0, count($all) - 1)];

        return match (mt_rand(0, 3)) {
            0 => Change::none()->adding($new),
            1 => Change::none()->removing($old),
            default => Change::none()->removing($old)->adding($old->at($new->chord)),
        };
    }

    public function check(string $when): void
    {
        $dialect = World::dialects()->for($this->application);
        foreach ($this->histories as $history) {
            $bindings = $history->bindings();
            $read = $dialect->read((new KeyFileWriter($dialect))->write($this->file, $bindings), $this->application);
            expect($read->bindings()->ids())->toBe($bindings->ids(), "{$when}: the file has the same in the same order");
            // What is worked out before a step is what is there after it, the order of rivals included.
            $change = $this->change($bindings);
            $after = (new LoadedKeymap($this->application, $bindings, World::seat()))->after($change);
            $afresh = new LoadedKeymap($this->application, $bindings->changedBy($change), World::seat());
            foreach ($afresh->touchedBy($change) as $press) {
                $ids = static fn (LoadedKeymap $keymap): array => Bindings::of(...$keymap->onPress($press))->ids();
                $byContext = static function (array $ids): array {
                    $sorted = $ids;
                    usort($sorted, static fn (string $one, string $other): int => strtok($one, ' ') <=> strtok($other, ' '));

                    return $sorted;
                };
                expect($byContext($ids($after)))->toBe($byContext($ids($afresh)), "{$when}: a preview of {$press->id}");
            }
        }
    }
}

test('whatever is done to a keymap and to those that follow it, undo is exact and each file says what the keymap says', function (
    string $id,
) {
    $application = $id === 'desktop' ? World::applicationsAndDesktop()['desktop'] : World::application($id);
    $dialect = World::dialects()->for($application);
    // A short piece of the factory keymap, so that lines are met again and again.
    $factory = $dialect->read($id === 'desktop' ? $dialect->blank() : World::factoryBytes($id), $application);
    $some = Bindings::of(...array_slice($factory->bindings()->all(), 0, 24));
    $file = $dialect->read((new KeyFileWriter($dialect))->write($factory, $some), $application);
    for ($seed = 0; $seed < 350; $seed++) {
        mt_srand($seed);
        $family = new RandomFamily($application, $file);
        for ($steps = mt_rand(2, 14); $steps > 0; $steps--) {
            $family->step("{$id}, seed {$seed}");
        }
        $family->check("{$id}, seed {$seed}");
    }
})->with(['cutloom', 'faderloft', 'easeframe', 'gradewell', 'rotomere', 'boardwick', 'desktop']);
