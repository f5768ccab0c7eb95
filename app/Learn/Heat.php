<?php

declare(strict_types=1);

namespace App\Learn;

use App\Keymap\KeymapPast;
use App\Library\Library;
use App\Models\Edit;
use App\Models\Keymap;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\HeatMap;

/** Where on the board somebody's work is done, now and as it would be with the keymaps of before. */
final readonly class Heat
{
    public const FACTORY = 'factory';

    private const SAVED = 'saved';

    private const STEP = 'step-';

    /** So many steps back can be compared with. */
    private const MOST_STEPS = 12;

    public function __construct(private Library $library, private KeymapPast $past)
    {
    }

    public function now(Situation $situation, string $application): HeatMap
    {
        return HeatMap::of(self::only($situation, $application), $situation->ways, $situation->seat);
    }

    /** @return HeatMap|null null where there is no such state to compare with */
    public function before(Situation $situation, string $application, string $against): ?HeatMap
    {
        $bindings = $this->bindings($situation, $application, $against);
        if ($bindings === null) {
            return null;
        }
        $keymap = ($situation->keymapOf)($application);
        $then = new LoadedKeymap($keymap->application, $bindings, $situation->seat, $keymap->desktop);
        $doings = array_map(
            static fn (Doing $one): Doing => new Doing(
                $one->application,
                $one->command,
                $then->bindings()->ofCommand($one->command->id),
                $one->byKey,
                $one->byMouse,
                $one->intent,
            ),
            self::only($situation, $application),
        );

        return HeatMap::of($doings, $situation->ways, $situation->seat);
    }

    /** @return list<array{id: string, name: string}> states of a keymap that the work can be compared with */
    public function states(Situation $situation, string $application): array
    {
        $own = $situation->user->kit->inUse($application);
        $states = [['id' => self::FACTORY, 'name' => 'the factory keymap']];
        if ($own !== null) {
            $states[] = ['id' => self::SAVED, 'name' => 'the last save'];
            foreach (self::steps($own) as $edit) {
                $states[] = ['id' => self::STEP.$edit->id, 'name' => "before: {$edit->title}"];
            }
        }

        return $states;
    }

    private function bindings(Situation $situation, string $application, string $against): ?Bindings
    {
        $own = $situation->user->kit->inUse($application);

        return match (true) {
            $against === self::FACTORY => $this->library->factoryBindings($this->library->application($application)),
            $own === null => null,
            $against === self::SAVED => $own->saved_bindings,
            str_starts_with($against, self::STEP) => $this->beforeStep($own, (int) substr($against, strlen(self::STEP))),
            default => null,
        };
    }

    private function beforeStep(Keymap $keymap, int $step): ?Bindings
    {
        $edit = $keymap->edits()->where('undone', false)->find($step);

        return $edit === null ? null : $this->past->at($keymap, $edit->version - 1);
    }

    /** @return list<Edit> the latest first */
    private static function steps(Keymap $keymap): array
    {
        return array_values($keymap->edits()->where('undone', false)->reorder('id', 'desc')->limit(self::MOST_STEPS)->get()->all());
    }

    /** @return list<Doing> */
    private static function only(Situation $situation, string $application): array
    {
        return array_values(array_filter($situation->doings, static fn (Doing $one): bool => $one->application->id === $application));
    }
}
