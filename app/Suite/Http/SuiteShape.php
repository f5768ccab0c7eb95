<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use App\Models\Suite;
use App\Suite\Assignments;
use App\Suite\Presence;
use App\Suite\SuiteList;
use Illuminate\Support\Facades\Auth;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

/** The schema `Suite`: what a suite should have and what it has. */
final readonly class SuiteShape
{
    public function __construct(
        private Library $library,
        private Presence $presence,
        private Assignments $assignments,
        private SuiteList $list,
    ) {
    }

    /**
     * @param  Suite  $suite  as {@see SuiteList} loads it
     * @return array<string, mixed>
     */
    public function of(Suite $suite): array
    {
        $isOnline = $this->presence->isOnline($suite);
        $sitting = $suite->sitting;

        return [
            'id' => $suite->slug,
            'name' => $suite->name,
            'board' => ['id' => $suite->board, 'name' => $this->library->keyboards->nameOfBoard($suite->board, $suite->system)],
            'layout' => ['id' => $suite->layout, 'name' => $this->library->keyboards->nameOfLayout($suite->layout)],
            'system' => $suite->system->value,
            'applications' => $suite->applications,
            'is_online' => $isOnline,
            'seen_at' => $this->presence->heardAt($suite)?->toIso8601String(),
            'second_agent_at' => $suite->second_agent_at?->toIso8601String(),
            'follows' => $this->follows($suite),
            'sitting' => $sitting === null
                ? null
                : [
                    'person' => $sitting->user->name,
                    'is_me' => $sitting->user_id === Auth::id(),
                    'since' => $sitting->started_at->toIso8601String(),
                    'until' => $sitting->until?->toIso8601String(),
                ],
            'is_giving_back' => $suite->state->isGivingBack(),
            'files' => array_map(fn (string $owner): array => $this->file($suite, $owner, $isOnline), $this->owners($suite)),
        ];
    }

    /** @return array<string, mixed>|null */
    private function follows(Suite $suite): ?array
    {
        return $suite->preset === null || $suite->release === null
            ? null
            : [
                'preset' => ['id' => $suite->preset->id, 'name' => $suite->preset->name],
                'release' => ['id' => $suite->release->id, 'number' => $suite->release->number],
                'is_pinned' => $suite->is_pinned,
                'behind' => $this->list->behind($suite, $suite->preset->newest),
            ];
    }

    /** @return list<string> the suite's applications, and the desktop where there is or should be anything of it */
    private function owners(Suite $suite): array
    {
        $hasTitles = isset($suite->state->due()[DesktopCatalogue::ID]) || $suite->state->report(DesktopCatalogue::ID)->sha256 !== null;

        return $hasTitles ? $suite->keyFileOwners() : $suite->applications;
    }

    /** @return array<string, mixed> */
    private function file(Suite $suite, string $application, bool $isOnline): array
    {
        $state = $suite->state;
        $there = $state->report($application);
        $stop = $suite->stops[$application] ?? null;
        $due = $state->due()[$application] ?? null;
        $standing = $state->standing($application, $isOnline, $stop !== null);

        return [
            'application' => ['id' => $application, 'name' => $this->library->nameOf($application)],
            'standing' => $standing->value,
            'is_settled' => $standing->isSettled(),
            'needs_somebody' => $standing->needsSomebody(),
            'source' => $due?->source->value,
            'there' => $this->assignments->label($suite, $there->sha256),
            'due' => $this->assignments->label($suite, $due?->sha256),
            'sha256' => $there->sha256,
            'held' => $isOnline ? $there->held?->inWords() : null,
            'problems' => $stop['problems'] ?? [],
            'is_loaded' => $there->loaded,
            'says' => $there->says,
        ];
    }
}
