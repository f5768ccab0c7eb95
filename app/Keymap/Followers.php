<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\Edit;
use App\Models\Keymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\EditKind;
use Zebrafinch\Core\Keymap\History;
use Zebrafinch\Core\Keymap\Merge;
use Zebrafinch\Core\Keymap\MergeConflict;

/**
 * Keymaps that follow others: each keeps its own steps, on what the followed keymap has become.
 *
 * @phpstan-import-type Notice from Edit
 */
final readonly class Followers
{
    public function __construct(private Library $library, private KeymapStore $store)
    {
    }

    public function historyOf(Keymap $keymap): History
    {
        $edits = $keymap->ownEdits()->get();
        $application = $this->library->application($keymap->application);

        return History::of(
            $this->library->fileOrder($application, $keymap->source),
            $keymap->base,
            array_values($edits->where('undone', false)->map(static fn (Edit $one): Change => $one->change)->all()),
            array_values($edits->where('undone', true)->map(static fn (Edit $one): Change => $one->change)->all()),
        );
    }

    /**
     * After a keymap has changed: those that follow it, and those that follow them.
     *
     * @param  string  $title  what was done to it
     */
    public function lead(Keymap $keymap, string $title): void
    {
        foreach ($keymap->followers()->with('kit')->lockForUpdate()->get() as $follower) {
            $this->onto($follower, $keymap, $title);
        }
    }

    /**
     * A keymap that could not be led while it was deleted takes in what the followed one has become.
     */
    public function catchUp(Keymap $follower): void
    {
        $parent = $follower->parent_id === null ? null : Keymap::query()->find($follower->parent_id);
        if ($parent !== null && ! Change::between($follower->base, $parent->bindings)->isEmpty()) {
            $this->onto($follower, $parent, 'Changed in the meantime');
        }
    }

    private function onto(Keymap $follower, Keymap $keymap, string $title): void
    {
        $before = $follower->bindings;
        $merge = Merge::of($follower->base, $before, $keymap->bindings);
        $history = $this->historyOf($follower)->on($keymap->bindings);
        $order = $this->library->fileOrder($this->library->application($follower->application), $follower->source);
        $saved = $order->sorted(Merge::of($follower->base, $follower->saved_bindings, $keymap->bindings)->result);
        $this->rewrite($follower, $history);
        $this->store->update($follower, [
            'base' => $keymap->bindings,
            'bindings' => $history->bindings(),
            'saved_bindings' => $saved,
            'version' => $follower->version + 1,
        ]);
        $follower->edits()->create([
            'user_id' => $follower->kit->user_id,
            'title' => "{$keymap->name}: {$title}",
            'change' => Change::between($before, $follower->bindings),
            'version' => $follower->version,
            'undone' => false,
            'kind' => EditKind::Followed,
            'notice' => self::notice($merge),
        ]);
        $this->lead($follower, "{$keymap->name}: {$title}");
    }

    /** A step that is left with nothing to do is no step any more. */
    private function rewrite(Keymap $follower, History $history): void
    {
        $edits = $follower
            ->ownEdits()
            ->get()
            ->sortBy([['undone', 'asc'], ['id', 'asc']])
            ->values();
        foreach ($history->steps() as $number => $step) {
            $step->isEmpty() ? $edits[$number]->delete() : $edits[$number]->update(['change' => $step]);
        }
    }

    /** @return Notice */
    private static function notice(Merge $merge): array
    {
        $data = static fn (array $bindings): array => Bindings::of(...$bindings)->toData();

        return [
            'conflicts' => array_map(
                static fn (MergeConflict $one): array => [
                    'command' => $one->command,
                    'context' => $one->context,
                    'ours' => $data($one->ours),
                    'theirs' => $data($one->theirs),
                ],
                $merge->conflicts,
            ),
            'doubles' => array_map(
                /** @param  array{Binding, Binding}  $pair */
                static fn (array $pair): array => ['ours' => $pair[0]->toData(), 'theirs' => $pair[1]->toData()],
                $merge->doubles,
            ),
        ];
    }
}
