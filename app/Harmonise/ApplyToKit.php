<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Keymap\KeymapEditor;
use App\Keymap\KeymapRefused;
use App\Keymap\KeymapShelf;
use App\Keymap\KeymapStarter;
use App\Keymap\WriteTerms;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Change;

/** Writes a harmonisation to all keymaps of the kit in one step, and takes that step back. Either all keymaps are changed or none. */
final readonly class ApplyToKit
{
    private const TITLE = 'Harmonised with the other applications';

    public function __construct(
        private Library $library,
        private KeymapEditor $editor,
        private KeymapStarter $starter,
        private KeymapShelf $shelf,
    ) {
    }

    /**
     * @param  string  $name  for the copies of factory keymaps that are made
     *
     * @throws KeymapRefused|HarmoniseRefused|\App\Keymap\KeymapRefused
     */
    public function apply(Harmonisation $harmonisation, User $user, string $name): void
    {
        DB::transaction(function () use ($harmonisation, $user, $name): void {
            $locked = Harmonisation::query()->lockForUpdate()->findOrFail($harmonisation->id);
            if (! in_array($locked->state, [HarmonisationState::Done, HarmonisationState::Cancelled], true) || $locked->changes === null) {
                throw HarmoniseRefused::nothingToApply();
            }
            $applied = [];
            foreach ($locked->changes as $application => $change) {
                $applied[] = $this->write(
                    $user,
                    $application,
                    $locked->versions[$application] ?? ['keymap' => null, 'version' => 0],
                    Change::fromData($change),
                    $name,
                );
            }
            $locked->update(['state' => HarmonisationState::Applied, 'applied' => $applied]);
        });
    }

    /**
     * @param  array{keymap: int|null, version: int}  $at
     * @return array{application: string, keymap: int, version: int, is_new: bool}
     */
    private function write(User $user, string $application, array $at, Change $change, string $name): array
    {
        $inUse = $user->kit->inUse($application);
        if ($inUse?->id !== $at['keymap']) {
            throw HarmoniseRefused::keymapExchanged($this->library->application($application)->name);
        }
        $keymap =
            $inUse === null
                ? $this->starter->fromFactory($user, $this->library->application($application), $name, self::TITLE, $change)
                : $this->editor->change($inUse, $user, self::TITLE, $change, WriteTerms::whatever($at['version']));

        return [
            'application' => $application,
            'keymap' => $keymap->id,
            'version' => $keymap->refresh()->version,
            'is_new' => $inUse === null,
        ];
    }

    /** @throws KeymapRefused|HarmoniseRefused */
    public function undo(Harmonisation $harmonisation): void
    {
        DB::transaction(function () use ($harmonisation): void {
            $locked = Harmonisation::query()->lockForUpdate()->findOrFail($harmonisation->id);
            if ($locked->state !== HarmonisationState::Applied) {
                throw HarmoniseRefused::nothingToUndo();
            }
            foreach ($locked->applied ?? [] as $done) {
                $this->undoIn($done);
            }
            $locked->update(['state' => HarmonisationState::Undone]);
        });
    }

    /** @param  array{application: string, keymap: int, version: int, is_new: bool}  $done */
    private function undoIn(array $done): void
    {
        $keymap =
            Keymap::query()->lockForUpdate()->find($done['keymap']) ??
            throw HarmoniseRefused::keymapExchanged($this->library->application($done['application'])->name);
        if ($keymap->version !== $done['version']) {
            throw KeymapRefused::stale($keymap, $done['version'], []);
        }
        if ($done['is_new']) {
            $this->shelf->delete($keymap);
        } else {
            $this->editor->undo($keymap, WriteTerms::whatever($done['version']));
        }
    }
}
