<?php

declare(strict_types=1);

namespace App\Http\Controllers\Suite;

use App\Http\Requests\Suite\HandoverRequest;
use App\Http\Requests\Suite\PutBackRequest;
use App\Http\Resources\Suite\SuiteResource;
use App\Library\Library;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Suite\Handover;
use App\Suite\SuiteList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Changes what is installed in a suite. */
final readonly class HandoverController
{
    public function __construct(private Library $library, private Handover $handover, private SuiteList $list)
    {
    }

    public function handOver(HandoverRequest $request, #[CurrentUser] User $user, Suite $suite): JsonResponse
    {
        $release = Release::query()->with('preset')->findOrFail($request->integer('release'));
        Gate::authorize('view', $release->preset);
        $this->handover->handOver($suite, $release, $user);

        return $this->accepted($suite);
    }

    public function putBack(PutBackRequest $request, #[CurrentUser] User $user, Suite $suite): JsonResponse
    {
        $this->handover->putBack($suite, $request->string('copy')->toString(), $user);

        return $this->accepted($suite);
    }

    private function accepted(Suite $suite): JsonResponse
    {
        return (new SuiteResource($this->list->loaded($suite), $this->library))->withStatus(202);
    }
}
