<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\Edit;
use App\Models\Keymap;
use App\Models\User;
use App\Resources\Shapes;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\EditKind;
use Zebrafinch\Core\Keymap\History;

/**
 * The one place where changes of a keymap are stored. Each write names the version it was decided on; one decided on an older version is
 * refused, and so is one from which a fault would come, or any clash where it is a way back, until somebody has said that it is known.
 */
final readonly class KeymapEditor
{
    public function __construct(
        private Library $library,
        private KitReader $kit,
        private Docket $docket,
        private AcceptedClashes $accepted,
        private Followers $followers,
        private KeymapStore $store,
    ) {
    }

    /** @throws KeymapRefused|\Zebrafinch\Core\Keyboard\UnreadableChord */
    public function change(Keymap $keymap, User $user, string $title, Change $change, WriteTerms $terms): Keymap
    {
        return DB::transaction(function () use ($keymap, $user, $title, $change, $terms): Keymap {
            $locked = $this->lock($keymap);
            $conflicts = $change->conflictsWith($locked->bindings);
            if ($locked->version !== $terms->version) {
                throw KeymapRefused::stale(
                    $locked,
                    $terms->version,
                    $conflicts,
                    $this->together($locked, $change, $conflicts, $terms->seat),
                );
            }
            if ($conflicts !== []) {
                throw KeymapRefused::doesNotFit($this->library->application($locked->application), $locked->bindings, $conflicts[0]);
            }
            $this->write($locked, $this->followers->historyOf($locked)->with($change)->bindings(), $terms);
            $locked->ownEdits()->where('undone', true)->delete();
            $locked->edits()->create([
                'user_id' => $user->id,
                'title' => $title,
                'change' => $change,
                'version' => $locked->version,
                'undone' => false,
                'kind' => EditKind::Own,
            ]);
            $this->followers->lead($locked, $title);

            return $locked;
        });
    }

    /** @throws KeymapRefused */
    public function undo(Keymap $keymap, WriteTerms $terms): Keymap
    {
        return DB::transaction(function () use ($keymap, $terms): Keymap {
            $locked = $this->lockAt($keymap, $terms);
            $edit = $locked->lastDone() ?? throw KeymapRefused::nothingToUndo();

            return $this->turn($locked, $edit, true, $this->followers->historyOf($locked)->undone(), $terms);
        });
    }

    /** @throws KeymapRefused */
    public function redo(Keymap $keymap, WriteTerms $terms): Keymap
    {
        return DB::transaction(function () use ($keymap, $terms): Keymap {
            $locked = $this->lockAt($keymap, $terms);
            $edit = $locked->firstUndone() ?? throw KeymapRefused::nothingToRedo();

            return $this->turn($locked, $edit, false, $this->followers->historyOf($locked)->redone(), $terms);
        });
    }

    /**
     * The point that one can go back to. What the followed keymap brought until then is known.
     *
     * @throws KeymapRefused
     */
    public function save(Keymap $keymap, WriteTerms $terms): Keymap
    {
        return DB::transaction(function () use ($keymap, $terms): Keymap {
            $locked = $this->lockAt($keymap, $terms);
            $this->store->update($locked, ['saved_bindings' => $locked->bindings, 'saved_at' => now()]);
            $locked
                ->edits()
                ->where('kind', EditKind::Followed)
                ->update(['notice' => null]);

            return $locked;
        });
    }

    private function turn(Keymap $locked, Edit $edit, bool $undone, History $to, WriteTerms $terms): Keymap
    {
        $this->write($locked, $to->bindings(), $terms);
        $edit->update(['undone' => $undone]);
        $this->followers->lead($locked, ($undone ? 'Undone: ' : 'Made again: ').$edit->title);

        return $locked;
    }

    /** @throws KeymapRefused|\Zebrafinch\Core\Keyboard\UnreadableChord|\Zebrafinch\Core\Dialect\CannotBeWritten */
    private function write(Keymap $keymap, Bindings $bindings, WriteTerms $terms): void
    {
        $change = Change::between($keymap->bindings, $bindings);
        $application = $this->library->application($keymap->application);
        $dialect = $this->library->dialect($application);
        foreach ($change->added as $binding) {
            $application->contexts->get($binding->context);
            $dialect->spell($binding);
        }
        $dialect->requireWritable($bindings, $application);
        if ($terms->seat !== null) {
            $consequences = $this->consequences($keymap, $change, $terms->seat);
            if ($consequences->needConfirmation($terms->isWayBack)) {
                throw KeymapRefused::raisesClash($this->loaded($keymap, $terms->seat), $consequences);
            }
        }
        $this->store->update($keymap, ['bindings' => $bindings, 'version' => $keymap->version + 1]);
    }

    /**
     * What would come of a change on a keymap that it was not decided on.
     *
     * @param  list<Binding>  $conflicts
     * @return array<string, mixed>|null null where it does not fit at all
     */
    private function together(Keymap $keymap, Change $change, array $conflicts, ?Seat $seat): ?array
    {
        return $seat === null || $conflicts !== []
            ? null
            : (new Shapes($this->library->application($keymap->application), $seat))->consequences(
                $this->consequences($keymap, $change, $seat),
            );
    }

    private function consequences(Keymap $keymap, Change $change, Seat $seat): Consequences
    {
        $accepted = $this->accepted->all($keymap->kit->user, $keymap->application);

        return Consequences::of($this->loaded($keymap, $seat), $change, $this->docket->ignoring($accepted));
    }

    private function loaded(Keymap $keymap, Seat $seat): LoadedKeymap
    {
        return $this->kit->with($keymap)->at($seat);
    }

    private function lockAt(Keymap $keymap, WriteTerms $terms): Keymap
    {
        $locked = $this->lock($keymap);
        if ($locked->version !== $terms->version) {
            throw KeymapRefused::stale($locked, $terms->version, []);
        }

        return $locked;
    }

    private function lock(Keymap $keymap): Keymap
    {
        return Keymap::query()->with('kit.user')->lockForUpdate()->findOrFail($keymap->id);
    }
}
