<?php

declare(strict_types=1);

namespace App\Preset;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\Gate as Doors;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\ComparedKeymap;
use Zebrafinch\Core\Refusal;

/** Any two of a kit, a keymap, a release, what is installed in a suite, and how the applications came. */
final readonly class Comparisons
{
    public function __construct(
        private Library $library,
        private KitReader $kit,
        private Docket $docket,
        private PersonalVocabulary $words,
    ) {
    }

    /**
     * @param  string  $named  `kit`, `factory`, `keymap 3`, `release 5` or `suite avocet`
     *
     * @throws ModelNotFoundException|\Illuminate\Auth\Access\AuthorizationException
     */
    public function side(User $user, string $named): ComparedSide
    {
        [$kind, $id] = explode(' ', $named, 2) + [1 => ''];

        return match ($kind) {
            'kit' => new ComparedSide('Your keys now', $this->ofKit($user)),
            'factory' => new ComparedSide('As they came', $this->ofFactory()),
            'keymap' => $this->ofKeymap(Keymap::query()->findOrFail((int) $id)),
            'release' => $this->ofRelease(Release::query()->with('preset')->findOrFail((int) $id)),
            'suite' => $this->ofSuite(Suite::query()->where('slug', $id)->firstOrFail()),
            default => throw new ModelNotFoundException(),
        };
    }

    /** @return list<ComparedKeymap> of the applications that both sides know */
    public function between(User $user, ComparedSide $before, ComparedSide $after, Seat $seat): array
    {
        $importance = $this->words->importance($user);
        $compared = [];
        foreach (array_intersect_key($before->keymaps, $after->keymaps) as $id => $bindings) {
            $application = $this->library->application($id);
            $compared[] = ComparedKeymap::of(
                new LoadedKeymap($application, $bindings, $seat),
                new LoadedKeymap($application, $after->keymaps[$id], $seat),
                $this->docket,
                $importance,
            );
        }

        return $compared;
    }

    /** @return array<string, Bindings> */
    private function ofKit(User $user): array
    {
        $each = $this->kit->each($user);
        $keymaps = [];
        foreach ([...$this->library->applicationIds(), DesktopCatalogue::ID] as $id) {
            $keymaps[$id] = $each($id)->bindings;
        }

        return $keymaps;
    }

    /** @return array<string, Bindings> */
    private function ofFactory(): array
    {
        $keymaps = [];
        foreach ([...$this->library->applicationIds(), DesktopCatalogue::ID] as $id) {
            $keymaps[$id] = $this->library->factoryBindings($this->library->application($id));
        }

        return $keymaps;
    }

    private function ofKeymap(Keymap $keymap): ComparedSide
    {
        Doors::authorize('view', $keymap);

        return new ComparedSide($keymap->name, [$keymap->application => $keymap->bindings]);
    }

    private function ofRelease(Release $release): ComparedSide
    {
        Doors::authorize('view', $release);

        return new ComparedSide($release->title(), $release->content()->keymaps);
    }

    private function ofSuite(Suite $suite): ComparedSide
    {
        Doors::authorize('view', $suite);
        $keymaps = [];
        foreach (array_intersect($suite->keyFileOwners(), [...$this->library->applicationIds(), DesktopCatalogue::ID]) as $id) {
            $application = $this->library->application($id);
            $bytes = StoredFile::bytesOf($suite->state->report($id)->sha256);
            try {
                $keymaps[$id] = $bytes === null
                    ? $this->library->factoryBindings($application)
                    : $this->library->dialect($application)->read($bytes, $application)->bindings();
            } catch (Refusal) {
                // A file that cannot be read can be compared with nothing; the suite says so.
                continue;
            }
        }

        return new ComparedSide("{$suite->name}, as it is there", $keymaps);
    }
}
