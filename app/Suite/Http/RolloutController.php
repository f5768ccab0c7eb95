<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Suite\Clock;
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
use Zebrafinch\Core\Keyboard\Seat;

/** One release to several suites, looked at before, and steered on its way. */
final readonly class RolloutController
{
    private const MOST = 20;

    public function __construct(private Rollouts $rollouts, private DryRun $dryRun, private Presence $presence, private Clock $clock)
    {
    }

    public function index(): RolloutsResource
    {
        $this->clock->tick();

        return new RolloutsResource(
            Rollout::query()
                ->with(['release.preset', 'user', 'suites.suite'])
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->get(),
        );
    }

    /** What it would change where. */
    public function dryRun(DryRunRequest $request, Seat $seat): DryRunResource
    {
        $release = $this->release($request->integer('release'));
        $suites = $this->suites($request->validated('suites'));
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

        return new DryRunResource($rows, $this->rollouts->problems($release, $suites, $seat));
    }

    public function store(RolloutRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $first = $request->validated('first');
        $at = $request->validated('at');
        $rollout = $this->rollouts->start(
            $user,
            $this->release($request->integer('release')),
            $suites = $this->suites($request->validated('suites')),
            $first === null ? null : $suites->firstWhere('slug', $first),
            $request->string('when', 'now')->toString(),
            $at === null ? null : Carbon::parse($at),
            $seat,
            new Acknowledgement($request->validated('accept') ?? [], $request->validated('reason')),
            $request->validated('overwrite') ?? [],
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
