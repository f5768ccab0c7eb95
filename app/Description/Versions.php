<?php

declare(strict_types=1);

namespace App\Description;

use App\Keymap\KeymapEditor;
use App\Keymap\WriteTerms;
use App\Models\Keymap;
use App\Models\Suite;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Propose\CatalogueProposal;
use Zebrafinch\Core\Dialect\Propose\NewerVersion;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** A newer key file of an application of the house: what it changes, taken in with an account, and one way back. */
final readonly class Versions
{
    public function __construct(
        private Describing $describing,
        private KeymapEditor $editor,
        private ApplicationStore $store,
    ) {
    }

    /**
     * @param  array<string, string|null>  $renamed  the new word by the id of a command, where somebody said so; null for none
     * @return array{NewerVersion, list<array<string, mixed>>}  with the account of each keymap
     */
    public function compare(HouseApplication $row, string $bytes, array $renamed): array
    {
        $application = $this->describing->application($row);
        $dialect = Dialect::fromData($row->dialect);
        $version = NewerVersion::between(
            $application,
            $dialect->read($row->factory(), $application)->bindings(),
            $dialect->read($bytes, $application)->bindings(),
            $renamed,
        );

        return [$version, array_map(fn (Keymap $keymap): array => $this->account($keymap, $version), $this->keymaps($row))];
    }

    /** @return list<Keymap> */
    private function keymaps(HouseApplication $row): array
    {
        return array_values(Keymap::query()->with('kit.user')->where('application', $row->slug)->orderBy('id')->get()->all());
    }

    /** @return array<string, mixed> whose bindings stay, are carried under a new name, and go; the three add up to all of them */
    private function account(Keymap $keymap, NewerVersion $version): array
    {
        $gone = array_column(array_map(static fn (Command $one): array => ['id' => $one->id], $version->gone), 'id', 'id');
        $count = ['all' => 0, 'stay' => 0, 'renamed' => 0, 'gone' => 0];
        foreach ($keymap->bindings as $binding) {
            $count['all']++;
            $count[isset($gone[$binding->command]) ? 'gone' : (isset($version->renamed[$binding->command]) ? 'renamed' : 'stay')]++;
        }

        return ['id' => $keymap->id, 'name' => $keymap->name, 'of' => $keymap->kit->user->name] + $count;
    }

    /** @return list<string> names of the suites that have the application */
    public function suites(HouseApplication $row): array
    {
        return array_values(
            Suite::query()
                ->orderBy('name')
                ->get()
                ->filter(static fn (Suite $one): bool => in_array($row->slug, $one->applications, true))
                ->map(static fn (Suite $one): string => $one->name)
                ->all(),
        );
    }

    /**
     * @param  array<string, string|null>  $renamed
     *
     * @throws ApplicationRefused
     */
    public function take(
        HouseApplication $application,
        int $version,
        string $name,
        string $bytes,
        array $renamed,
        User $user,
    ): HouseApplication {
        return DB::transaction(function () use ($application, $version, $name, $bytes, $renamed, $user): HouseApplication {
            $row = $this->describing->locked($application, $version);
            [$newer] = $this->compare($row, $bytes, $renamed);
            $keymaps = $this->without($row, $newer, $user);
            $row->before = ['catalogue' => $row->catalogue, 'files' => $row->files, 'keymaps' => $keymaps];
            $row->catalogue = ['commands' => $this->commands($row, $newer, $bytes)] + $row->catalogue;
            $row->files = [['name' => $name, 'bytes' => base64_encode($bytes)], ...$row->files];
            $row->version++;
            $this->store->save($row);

            return $this->describing->change($row, $row->version, []);
        });
    }

    /**
     * Takes the bindings of commands that are gone out of all keymaps; each keeps its own way back.
     *
     * @return array<int, array{version: int, removed: list<mixed>}> by keymap
     */
    private function without(HouseApplication $row, NewerVersion $newer, User $user): array
    {
        $gone = array_map(static fn (Command $one): string => $one->id, $newer->gone);
        $changed = [];
        foreach ($this->keymaps($row) as $keymap) {
            $removed = array_values(
                array_filter($keymap->bindings->all(), static fn (Binding $one): bool => in_array($one->command, $gone, true)),
            );
            if ($removed !== []) {
                $data = array_map(static fn (Binding $one): array => $one->toData(), $removed);
                $change = Change::fromData(['removed' => $data, 'added' => []]);
                $after = $this->editor->change(
                    $keymap,
                    $user,
                    "New version of {$row->name}",
                    $change,
                    WriteTerms::whatever($keymap->version),
                );
                $changed[$keymap->id] = ['version' => $after->version, 'removed' => $data];
            }
        }

        return $changed;
    }

    /** @return list<array<string, mixed>> */
    private function commands(HouseApplication $row, NewerVersion $newer, string $bytes): array
    {
        $gone = array_map(static fn (Command $one): string => $one->id, $newer->gone);
        $commands = [];
        foreach ((array) ($row->catalogue['commands'] ?? []) as $command) {
            if (! in_array($command['id'], $gone, true)) {
                $word = $newer->renamed[$command['id']] ?? null;
                $commands[] = ($word === null ? [] : ['written' => $word]) + $command;
            }
        }
        $dialect = Dialect::fromData($row->dialect);
        $proposed = CatalogueProposal::of($dialect->description, null, [
            $dialect->read($bytes, $this->describing->application($row))->text,
        ]);
        $taken = array_column($commands, 'id', 'id');
        foreach ($proposed->commands as $command) {
            if (in_array($command['written'] ?? $command['id'], $newer->new, true)) {
                $id = isset($taken[$command['id']]) ? "{$command['id']}-new" : $command['id'];
                $commands[] = ['id' => $id, 'written' => $command['written'] ?? $command['id']] + $command;
            }
        }

        return $commands;
    }

    /**
     * Back to what was before the newer version, the keymaps too as far as nobody has changed them since.
     *
     * @throws ApplicationRefused
     */
    public function undo(HouseApplication $application, int $version): HouseApplication
    {
        return DB::transaction(function () use ($application, $version): HouseApplication {
            $row = $this->describing->locked($application, $version);
            $before = $row->before ?? throw ApplicationRefused::notProven('there is no earlier version to go back to');
            $keymaps = (array) $before['keymaps'];
            $row->catalogue = (array) $before['catalogue'];
            $row->files = array_values((array) $before['files']);
            $row->before = null;
            $row->version++;
            $this->store->save($row);
            foreach ($keymaps as $id => $was) {
                $keymap = Keymap::query()->find($id);
                if ($keymap !== null && $keymap->version === $was['version']) {
                    $this->editor->undo($keymap, WriteTerms::whatever($keymap->version));
                }
            }

            return $this->describing->change($row, $row->version, []);
        });
    }
}
