<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Resources\JsonAnswer;
use App\Suite\DryRun;
use App\Suite\Presence;
use App\Suite\Rollout;
use App\Suite\Rollouts;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Problem;

/** One release to several suites, looked at before, and steered on its way. */
final readonly class RolloutController
{
    private const MOST = 20;

    public function __construct(private Rollouts $rollouts, private DryRun $dryRun, private Presence $presence)
    {
    }

    public function index(): JsonAnswer
    {
        return new JsonAnswer(['rollouts' => RolloutResource::collection(
            Rollout::query()
                ->with(['release.preset', 'user', 'suites.suite'])
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->get())]);
    }

    /** What it would change where. */
    public function dryRun(Request $request, Seat $seat): JsonAnswer
    {
        $validated = $request->validate([
            'release' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'suites' => ['required', 'array', 'min:1', 'max:500'],
            'suites.*' => ['string', 'distinct', Rule::exists('suites', 'slug')],
        ], ['release' => 'Choose a release.', 'suites' => 'Choose the suites that should get it.']);

        $release = $this->release($request->integer('release'));
        $suites = $this->suites($validated['suites']);
        $rows = $suites
            ->map(
                fn (Suite $suite): array => [
                    'suite' => ['id' => $suite->slug, 'name' => $suite->name],
                    'is_online' => $this->presence->isOnline($suite),
                    'sits' => $suite->sitting?->user->name,
                    'applications' => $this->dryRun->in($suite, $release),
                ],
            )
            ->all();

        $problems = $this->rollouts->problems($release, $suites, $seat);

        return new JsonAnswer([
            'suites' => $rows,
            'problems' => array_map(static fn (Problem $problem): array => $problem->toData(), $problems),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $validated = $request->validate([
            'release' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'suites' => ['required', 'array', 'min:1', 'max:500'],
            'suites.*' => ['string', 'distinct', Rule::exists('suites', 'slug')],
            'first' => ['sometimes', 'nullable', 'string', 'in_array:suites.*'],
            'when' => ['sometimes', Rule::in(['now', 'closed'])],
            'at' => ['bail', 'sometimes', 'nullable', 'string', 'date', 'after:now', 'before:+1 year'],
            'accept' => ['sometimes', 'array', 'max:5000'],
            'accept.*' => ['string', 'max:120'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:200'],
            'overwrite' => ['sometimes', 'array', 'max:500'],
            'overwrite.*' => ['array', 'max:50'],
            'overwrite.*.*' => ['string', 'regex:/\A[0-9a-f]{64}\z/'],
        ], [
            'release' => 'Choose a release.',
            'suites' => 'Choose the suites that should get it.',
            'first' => 'The first suite has to be one of them.',
            'at' => 'Choose an hour that is still to come.',
        ]);

        $first = $validated['first'] ?? null;
        $at = $validated['at'] ?? null;
        $rollout = $this->rollouts->start(
            $user,
            $this->release($request->integer('release')),
            $suites = $this->suites($validated['suites']),
            $first === null ? null : $suites->firstWhere('slug', $first),
            $request->string('when', 'now')->toString(),
            $at === null ? null : Carbon::parse($at),
            $seat,
            new Acknowledgement($validated['accept'] ?? [], $validated['reason'] ?? null),
            $validated['overwrite'] ?? [],
        );

        return $this->shown($rollout)->withStatus(201);
    }

    public function turn(Request $request, #[CurrentUser] User $user, Rollout $rollout, string $turn): RolloutResource
    {
        match ($turn) {
            'go-on' => $this->rollouts->goOn($rollout, $user),
            'pause' => $this->rollouts->pause($rollout, $user),
            'cancel' => $this->rollouts->cancel($rollout, $user),
            default => $this->rollouts->goBack($rollout, $user, null),
        };

        return $this->shown($rollout->refresh());
    }

    private function shown(Rollout $rollout): RolloutResource
    {
        return new RolloutResource($rollout->load(['release.preset', 'user', 'suites.suite']));
    }

    private function release(int $id): Release
    {
        $release = Release::query()
            ->with(['preset', 'files'])
            ->findOrFail($id);
        Gate::authorize('view', $release);

        return $release;
    }

    /**
     * @param  list<string>  $slugs
     * @return Collection<int, Suite>
     */
    private function suites(array $slugs): Collection
    {
        return Suite::query()->whereIn('slug', $slugs)->with('sitting.user')->orderBy('name')->get();
    }
}
