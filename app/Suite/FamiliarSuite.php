<?php

declare(strict_types=1);

namespace App\Suite;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitETag;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Library\Memoised;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
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
        private KitETag $stamps,
        private Memoised $memoised,
    ) {
    }

    /** The share alone; known from before where all that it is made from is as it was. */
    public function share(User $user, Suite $suite, Seat $here): ?float
    {
        $there = $this->seats->of($suite);
        $madeFrom = [
            $this->stamps->of($user),
            $this->words->stamp($user),
            $this->library->keyboards->stamp($here),
            $this->library->keyboards->stamp($there),
            $suite->applications,
            array_map(static fn (string $id): ?string => $suite->state->report($id)->sha256, $suite->keyFileOwners()),
        ];
        $share = $this->memoised->json(
            'familiarity',
            json_encode($madeFrom, JSON_THROW_ON_ERROR),
            fn (): ?float => $this->to($user, $suite, $here)->share,
        );

        return json_decode($share, true, 2, JSON_THROW_ON_ERROR);
    }

    public function to(User $user, Suite $suite, Seat $here): Familiarity
    {
        return $this->between($user, $here, $this->installedIn($suite));
    }

    /** @param  array<string, LoadedKeymap>  $there  by application */
    public function between(User $user, Seat $here, array $there): Familiarity
    {
        $each = $this->kit->each($user);
        $pairs = array_map(
            static fn (string $id, LoadedKeymap $keymap): array => [$each($id)->at($here), $keymap],
            array_keys($there),
            array_values($there),
        );

        return Familiarity::of($pairs, $this->words->importance($user));
    }

    /**
     * @param  array<string, string>  $instead  bytes of key files that will be there, in place of those that are, by application
     * @return array<string, LoadedKeymap> what is there, or will be, by application
     */
    public function installedIn(Suite $suite, array $instead = []): array
    {
        $there = $this->seats->of($suite);
        $known = array_values(array_intersect($this->library->applicationIds(), $suite->applications));
        $reported = $instead + $this->reported($suite);
        $desktop = $this->library->application(DesktopCatalogue::ID);
        $titles = new LoadedKeymap($desktop, $this->installed($desktop, $reported[DesktopCatalogue::ID] ?? null), $there);
        $keymaps = [];
        foreach ($known as $id) {
            $application = $this->library->application($id);
            $installed = $this->installed($application, $reported[$id] ?? null);
            // A chord that the desktop there takes for a menu title runs that.
            $keymaps[$id] = new LoadedKeymap($application, $installed, $there, TitleBindings::for($application, $titles));
        }

        return $keymaps;
    }

    /** @return array<string, string> bytes of the key files that are there, by application */
    public function reported(Suite $suite): array
    {
        $digests = [];
        foreach ($suite->keyFileOwners() as $id) {
            $digests[$id] = $suite->state->report($id)->sha256;
        }
        $stored = StoredFile::query()->findMany(array_filter($digests, is_string(...)))->pluck('bytes', 'sha256')->all();

        return array_map(
            static fn (string $sha256): string => (string) $stored[$sha256],
            array_filter($digests, static fn (?string $sha256): bool => $sha256 !== null && isset($stored[$sha256])),
        );
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
