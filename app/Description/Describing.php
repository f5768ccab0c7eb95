<?php

declare(strict_types=1);

namespace App\Description;

use App\Library\Library;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Propose\Certainty;
use Zebrafinch\Core\Dialect\Propose\Correction;
use Zebrafinch\Core\Dialect\Propose\Proof;
use Zebrafinch\Core\Dialect\Propose\Proposal;
use Zebrafinch\Core\Dialect\Propose\Proposer;
use Zebrafinch\Core\Dialect\Propose\Slug;

/**
 * The way of an application of the house: from a key file to one that is in use. Every change is proven anew.
 *
 * @phpstan-import-type CorrectionData from Correction
 * @phpstan-import-type CatalogueData from CatalogueReader
 */
final readonly class Describing
{
    public function __construct(
        private Library $library,
        private ApplicationStore $store,
    ) {
    }

    /**
     * @param  non-empty-list<array{string, string}>  $files  names and bytes of key files
     *
     * @throws \Zebrafinch\Core\Dialect\UnreadableKeyFile with nothing stored
     */
    public function start(User $user, string $name, array $files): HouseApplication
    {
        $slug = $this->freeSlug($name);
        $proposal = Proposer::propose(array_column($files, 1), [], "{$slug}-keys", $files[0][0]);
        $row = new HouseApplication([
            'slug' => $slug,
            'name' => $name,
            'state' => ApplicationState::Draft,
            'user_id' => $user->id,
            'version' => 1,
            'files' => array_map(static fn (array $one): array => ['name' => $one[0], 'bytes' => base64_encode($one[1])], $files),
            'corrections' => [],
            'matches' => [],
            'systems' => ['macos', 'windows', 'linux'],
            'catalogue' => [
                'id' => $slug,
                'name' => $name,
                'purpose' => 'our work',
                'precedence' => 'deeper-first',
                'loading' => 'last-line-wins',
            ],
        ]);
        $this->take($row, $proposal);
        DB::transaction(fn () => $this->store->save($row));

        return $row;
    }

    /** Whether an application of this id is there that the house did not bring. */
    public function isShipped(string $id): bool
    {
        $known = [...$this->library->applicationIds(), ...array_keys($this->library->broken()), 'desktop'];

        return in_array($id, $known, true) && ! HouseApplication::query()->where('slug', $id)->exists();
    }

    private function freeSlug(string $name): string
    {
        $taken = array_fill_keys(
            [
                ...HouseApplication::query()->pluck('slug')->all(),
                ...$this->library->applicationIds(),
                ...array_keys($this->library->broken()),
                'desktop',
                'everywhere',
            ],
            true,
        );

        return Slug::unlike($name, $taken);
    }

    /**
     * A change of some of what is known; what is not in it stays.
     *
     * @param  array<string, mixed>  $change  as the request has it
     *
     * @throws ApplicationRefused|\Zebrafinch\Core\Refusal
     */
    public function change(HouseApplication $application, int $version, array $change): HouseApplication
    {
        return DB::transaction(function () use ($application, $version, $change): HouseApplication {
            $row = $this->locked($application, $version);
            if (isset($change['name'])) {
                $row->name = (string) $change['name'];
            }
            $catalogue =
                ['name' => $row->name] +
                array_intersect_key($change, array_flip(['purpose', 'precedence', 'loading', 'contexts'])) +
                $row->catalogue;
            $row->catalogue = $catalogue;
            if (array_key_exists('usage_log', $change)) {
                $known = array_diff_key($row->catalogue, ['usage_log' => true]);
                $row->catalogue = $change['usage_log'] === null ? $known : $known + ['usage_log' => $change['usage_log']];
            }
            if (isset($change['systems'])) {
                $row->systems = array_values((array) $change['systems']);
            }
            if (isset($change['matches'])) {
                $row->matches = array_values((array) $change['matches']);
            }
            if (isset($change['file_name'])) {
                $row->dialect = ['file_name' => $change['file_name']] + $row->dialect;
            }
            if (isset($change['commands'])) {
                $row->catalogue =
                    ['commands' => CommandEdits::apply($row->catalogue, (array) $change['commands'], $this->library)] + $row->catalogue;
            }
            if (isset($change['dialect'])) {
                $row->dialect = ['id' => $row->dialect['id']] + (array) $change['dialect'];
            }
            if (isset($change['corrections'])) {
                $row->corrections = array_values((array) $change['corrections']);
                $this->take($row, $this->propose($row));
            }
            $row->proof = $this->proof($row)->toData();
            $row->version++;
            $this->store->save($row);

            return $row;
        });
    }

    private function propose(HouseApplication $row): Proposal
    {
        $files = array_map(static fn (array $one): string => (string) base64_decode($one['bytes'], true), $row->files);
        /** @var list<CorrectionData> $said */
        $said = $row->corrections;
        $corrections = array_map(Correction::fromData(...), $said);

        return Proposer::propose($files === [] ? [''] : $files, $corrections, $row->dialect['id'], $row->dialect['file_name']);
    }

    /** What is proposed goes in; what somebody said of contexts and commands stays. */
    private function take(HouseApplication $row, Proposal $proposal): void
    {
        $row->dialect = $proposal->description;
        $row->certainties = array_map(
            static fn (Certainty $one): array => ['of' => $one->of, 'percent' => $one->percent, 'sentence' => $one->sentence],
            $proposal->certainties,
        );
        $row->catalogue =
            [
                'dialect' => $proposal->description['id'],
                'naming' => $proposal->isByCharacter ? 'character' : 'position',
                'tells_hold' => $proposal->tellsHold,
                'contexts' => KnownBefore::over($proposal->contexts, $row->catalogue['contexts'] ?? []),
                'commands' => KnownBefore::over($proposal->commands, $row->catalogue['commands'] ?? []),
            ] + $row->catalogue;
        $row->proof = $this->proof($row)->toData();
    }

    public function application(HouseApplication $row): Application
    {
        /** @var CatalogueData $catalogue */
        $catalogue = $row->catalogue;

        return (new CatalogueReader())->application($catalogue);
    }

    private function proof(HouseApplication $row): Proof
    {
        return Proof::of(Dialect::fromData($row->dialect), $this->application($row), $row->factory());
    }

    /**
     * It is ready: a keeper's word puts it to use, anybody else's asks a keeper.
     *
     * @throws ApplicationRefused
     */
    public function ready(HouseApplication $application, int $version, User $user): HouseApplication
    {
        return DB::transaction(function () use ($application, $version, $user): HouseApplication {
            $row = $this->locked($application, $version);
            $proof = $this->proof($row);
            if (! $proof->holds()) {
                throw ApplicationRefused::notProven(
                    match (true) {
                        $proof->bindings === 0 => 'no binding of its file was read',
                        ! $proof->isSame => 'its file does not come out as it went in',
                        default => 'no chord of it could be changed and changed back',
                    },
                );
            }
            $row->proof = $proof->toData();
            $row->state = $user->role->keepsSuites() ? ApplicationState::InUse : ApplicationState::Proposed;
            $row->version++;
            $this->store->save($row);

            return $row;
        });
    }

    public function move(HouseApplication $application, int $version, ApplicationState $state): HouseApplication
    {
        return DB::transaction(function () use ($application, $version, $state): HouseApplication {
            $row = $this->locked($application, $version);
            $row->state = $state;
            $row->version++;
            $this->store->save($row);

            return $row;
        });
    }

    /** @throws ApplicationRefused */
    public function locked(HouseApplication $application, int $version): HouseApplication
    {
        $row = HouseApplication::query()->lockForUpdate()->findOrFail($application->id);

        return $row->version === $version ? $row : throw ApplicationRefused::stale($row->version);
    }
}
