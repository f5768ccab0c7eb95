<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\SuiteEvent;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** One suite with all that is told of it alone. */
final class SuitePageResource extends JsonAnswer
{
    private const EVENTS = 30;

    /**
     * @param  Suite  $suite  as {@see \App\Suite\SuiteList} loads it
     * @param  list<array{person: string, times: int, share: float|null}>  $regulars
     * @param  int|null  $before  the event before which the story is told; null for its end
     */
    public function __construct(
        private readonly Suite $suite,
        private readonly SuiteShape $shape,
        private readonly array $regulars,
        private readonly ?int $before,
    ) {
        parent::__construct($suite);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $suite = $this->suite;
        $events = $suite
            ->events()
            ->with('user')
            ->when($this->before !== null, fn ($events) => $events->where('id', '<', $this->before))
            ->limit(self::EVENTS + 1)
            ->get();

        return [
            'suite' => $this->shape->of($suite),
            'story' => $events->take(self::EVENTS)->map(self::event(...))->all(),
            'has_more' => $events->count() > self::EVENTS,
            'copies' => $this->copies(),
            'regulars' => $this->regulars,
            'agent' => [
                'version' => $suite->agent['version'] ?? null,
                'skew_seconds' => $suite->agent['skew_seconds'] ?? 0,
                'running' => $suite->agent['running'] ?? [],
                'has_token' => $suite->token_hash !== null,
                'token_made_at' => $suite->token_made_at?->toIso8601String(),
            ],
            'may_keep' => Gate::allows('keep', $suite),
            'may_sit_down' => Gate::allows('sitDown', $suite),
            'may_leave' => $suite->sitting !== null && Gate::allows('leave', $suite),
        ];
    }

    /** @return array<string, mixed> */
    private static function event(SuiteEvent $event): array
    {
        return [
            'id' => $event->id,
            'at' => $event->at->toIso8601String(),
            'who' => $event->user?->name,
            'kind' => $event->kind,
            'what' => $event->what,
            'why' => $event->why,
        ];
    }

    /** @return list<array<string, mixed>> by the clock that everybody here shares */
    private function copies(): array
    {
        $stored = StoredFile::query()->whereIn('sha256', array_column($this->suite->copies, 'sha256'))->pluck('sha256')->all();
        $skew = $this->suite->agent['skew_seconds'] ?? 0;

        return array_map(
            static fn (array $copy): array => [
                'application' => $copy['application'],
                'sha256' => $copy['sha256'],
                'taken_at' => gmdate('c', $copy['taken_at'] + $skew),
                'bytes' => $copy['bytes'],
                'may_put_back' => in_array($copy['sha256'], $stored, true),
            ],
            $this->suite->copies,
        );
    }
}
