<?php

declare(strict_types=1);

namespace App\Across;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
use App\Suite\SuiteSeats;
use Zebrafinch\Core\Across\Familiarity;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\TitleBindings;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Refusal;

/** How familiar what is installed in a suite is to somebody. */
final readonly class FamiliarSuite
{
    public function __construct(
        private KitReader $kit,
        private Library $library,
        private PersonalVocabulary $words,
        private SuiteSeats $seats,
    ) {
    }

    public function to(User $user, Suite $suite, Seat $here): Familiarity
    {
        $each = $this->kit->each($user);
        $there = $this->seats->of($suite);
        $known = array_values(array_intersect($this->library->applicationIds(), $suite->applications));
        $reported = $this->reported($suite);
        $desktop = $this->library->application(DesktopCatalogue::ID);
        $titles = new LoadedKeymap($desktop, $this->installed($desktop, $reported[DesktopCatalogue::ID] ?? null), $there);
        $pairs = array_map(function (string $id) use ($each, $here, $there, $reported, $titles): array {
            $application = $each($id)->application;
            $installed = $this->installed($application, $reported[$id] ?? null);

            // A chord that the desktop there takes for a menu title runs that.
            return [$each($id)->at($here), new LoadedKeymap($application, $installed, $there, TitleBindings::for($application, $titles))];
        }, $known);

        return Familiarity::of($pairs, $this->words->importance($user));
    }

    /** @return array<string, string> bytes of the key files that are there, by application */
    private function reported(Suite $suite): array
    {
        $digests = [];
        foreach ($suite->keyFileOwners() as $id) {
            $digests[$id] = $suite->state->report($id)->sha256;
        }
        $stored = StoredFile::query()->findMany(array_filter($digests, is_string(...)))->pluck('bytes', 'sha256')->all();

        return array_map(static fn (string $sha256): string => (string) $stored[$sha256], array_filter(
            $digests,
            static fn (?string $sha256): bool => $sha256 !== null && isset($stored[$sha256]),
        ));
    }

    /** What the suite reported last; the factory keymap where it reported none, or one that cannot be read. */
    private function installed(Application $application, mixed $bytes): Bindings
    {
        try {
            return is_string($bytes)
                ? $this->library->dialect($application)->read($bytes, $application)->bindings()
                : $this->library->factoryBindings($application);
        } catch (Refusal) {
            return $this->library->factoryBindings($application);
        }
    }
}
