<?php

declare(strict_types=1);

namespace App\Suite;

use App\Library\Library;
use App\Models\Release;
use App\Models\Suite;
use App\Preset\FittedFile;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

/** What a release would change where, before anybody is touched. */
final readonly class DryRun
{
    public function __construct(private Assignments $assignments, private Library $library, private Presence $presence)
    {
    }

    /** @return list<array<string, mixed>> one for each application that anything is given for, or that lacks it */
    public function in(Suite $suite, Release $release): array
    {
        $fits = $this->assignments->fits($suite, $release);
        $accepted = array_column($release->accepted, 'id');
        $rows = [];
        foreach ($suite->keyFileOwners() as $id) {
            $fit = $fits[$id] ?? null;
            if ($fit === null && $id === DesktopCatalogue::ID) {
                continue;
            }
            $there = $suite->state->report($id);
            $rows[] = [
                'application' => ['id' => $id, 'name' => $this->library->nameOf($id)],
                'now' => $this->assignments->label($suite, $there->sha256),
                'becomes' => $this->becomes($suite, $id, $fit, $accepted),
                'sha256' => $there->sha256,
                'replaced' => $fit->replaced ?? [],
                'problems' => array_map(static fn ($one): array => $one->toData(), $fit?->stops($accepted) ?? []),
            ];
        }

        return $rows;
    }

    /** @param  list<string>  $accepted */
    private function becomes(Suite $suite, string $application, ?FittedFile $fit, array $accepted): string
    {
        $there = $suite->state->report($application);
        $isLater = $suite->state->isSitting() || ! $this->presence->isOnline($suite);

        return match (true) {
            $fit === null => 'nothing-given',
            $fit->stops($accepted) !== [] => 'stopped',
            $there->sha256 === $fit->sha256 => 'same',
            $there->sha256 !== null && ! $there->isGiven() && ! $suite->state->isSitting() => 'by-hand',
            $isLater => 'later',
            $there->sha256 === null => 'new',
            default => 'changed',
        };
    }
}
