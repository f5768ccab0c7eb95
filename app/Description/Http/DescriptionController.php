<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\ApplicationState;
use App\Description\ApplicationStore;
use App\Description\Describing;
use App\Description\HouseApplication;
use App\Description\HouseMatches;
use App\Library\Library;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Applications that the house brings: described step by step, and put to use. */
final readonly class DescriptionController
{
    public function __construct(
        private Describing $describing,
        private Library $library,
        private ApplicationStore $store,
    ) {
    }

    public function index(#[CurrentUser] User $user): HouseApplicationsResource
    {
        return new HouseApplicationsResource(
            HouseApplication::query()->with('user')->orderBy('name')->get()->all(),
            $user,
            $this->library,
        );
    }

    public function store(BringRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $row = $this->describing->start($user, (string) $request->validated('name'), $request->keyFiles());

        return (new HouseApplicationResource($row, $user, $request))->withStatus(201);
    }

    public function show(Request $request, HouseApplication $houseApplication, #[CurrentUser] User $user): HouseApplicationResource
    {
        return new HouseApplicationResource($houseApplication, $user, $request);
    }

    public function update(
        ApplicationChangeRequest $request,
        HouseApplication $houseApplication,
        #[CurrentUser] User $user,
    ): HouseApplicationResource {
        $row = $this->describing->change($houseApplication, $request->version(), $request->change());

        return new HouseApplicationResource($row, $user, $request);
    }

    /** A draft goes; what is in use is put away, not destroyed. */
    public function destroy(VersionOnlyRequest $request, HouseApplication $houseApplication): Response
    {
        $row = $this->describing->locked($houseApplication, $request->integer('version'));
        $row->state === ApplicationState::Draft || $row->state === ApplicationState::Proposed || abort(409);
        $this->store->delete($row);

        return response()->noContent();
    }

    public function matches(HouseApplication $houseApplication, HouseMatches $matches): JsonAnswer
    {
        return new JsonAnswer(['matches' => $matches->proposed($houseApplication)]);
    }

    public function ready(
        VersionOnlyRequest $request,
        HouseApplication $houseApplication,
        #[CurrentUser] User $user,
    ): HouseApplicationResource {
        return new HouseApplicationResource(
            $this->describing->ready($houseApplication, $request->integer('version'), $user),
            $user,
            $request,
        );
    }

    public function putAway(
        VersionOnlyRequest $request,
        HouseApplication $houseApplication,
        #[CurrentUser] User $user,
    ): HouseApplicationResource {
        $row = $this->describing->move($houseApplication, $request->integer('version'), ApplicationState::PutAway);

        return new HouseApplicationResource($row, $user, $request);
    }
}
