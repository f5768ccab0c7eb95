<?php

declare(strict_types=1);

namespace App\Across;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Suite;
use App\Models\User;
use App\Suite\SuiteSeats;
use Zebrafinch\Core\Across\Familiarity;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Focus\LoadedKeymap;
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
        $reported = $suite->files()->pluck('reported_bytes', 'application')->all();
        $pairs = array_map(
            fn (string $id): array => [
                $each($id)->at($here),
                new LoadedKeymap($each($id)->application, $this->installed($each($id)->application, $reported[$id] ?? null), $there),
            ],
            $known,
        );

        return Familiarity::of($pairs, $this->words->importance($user));
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
