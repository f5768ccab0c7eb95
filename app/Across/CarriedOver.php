<?php

declare(strict_types=1);

namespace App\Across;

use App\Intent\PersonalVocabulary;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use Zebrafinch\Core\Across\CarryOver\CarriedBinding;
use Zebrafinch\Core\Across\CarryOver\CarryOver;
use Zebrafinch\Core\Across\CarryOver\Report;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Text\Listing;

/** Carries the chords of some of a person's keymaps over to another application. */
final readonly class CarriedOver
{
    public function __construct(
        private KitReader $kit,
        private PersonalVocabulary $words,
        private KeymapStarter $starter,
        private Library $library,
    ) {
    }

    /**
     * @param  list<string>  $sources  ids of applications
     * @param  Seat  $here  where the hands learned the sources
     * @param  Seat  $there  where the target will be used
     * @param  array<string, bool>  $said  by line: whether to take it
     */
    public function report(User $user, array $sources, string $target, Seat $here, Seat $there, array $said): Report
    {
        $each = $this->kit->each($user);
        $vocabulary = $this->words->vocabulary($user);

        return CarryOver::of(
            array_map(static fn (string $id): LoadedKeymap => $each($id)->at($here), $sources),
            $each($target)->at($there),
            $vocabulary,
            $this->words->importance($user, $vocabulary),
            $this->library->reserved(),
            $said,
        );
    }

    /** @throws \App\Keymap\NameTaken */
    public function save(User $user, Report $report, string $name): void
    {
        $application = $report->target->application;
        $from = array_unique(array_map(static fn (CarriedBinding $line): string => $line->from->application->name, $report->lines));
        $change = Change::between($this->library->factoryBindings($application), $report->result);
        $this->starter->fromFactory($user, $application, $name, 'Carried over from '.Listing::and($from), $change);
    }
}
