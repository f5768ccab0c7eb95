<?php

declare(strict_types=1);

namespace App\Http\Controllers\Usage;

use App\Http\Requests\Usage\UsageRequest;
use App\Http\Resources\Usage\UsageResource;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Usage\UsageLogs;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keyboard\Seat;

/** How often commands are used, from a log that an application or a workstation wrote. */
final readonly class UsageController
{
    public function __construct(private Library $library, private KitReader $kit, private UsageLogs $logs)
    {
    }

    public function show(#[CurrentUser] User $user, Seat $seat): UsageResource
    {
        return new UsageResource($user->kit->usage()->first(), $this->kit->each($user), $this->library->applicationIds(), $seat);
    }

    public function store(UsageRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $this->logs->replace($user, $request->uploadName(), $request->upload()->getContent());

        return $this->show($user, $seat)->withStatus(201);
    }

    public function destroy(#[CurrentUser] User $user, Seat $seat): UsageResource
    {
        $this->logs->forget($user);

        return $this->show($user, $seat);
    }
}
