<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\HouseApplication;
use App\Description\Versions;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

/** A newer version of an application of the house. */
final readonly class VersionController
{
    public function __construct(private Versions $versions)
    {
    }

    public function preview(NewerVersionRequest $request, HouseApplication $houseApplication): NewerVersionResource
    {
        [$version, $keymaps] = $this->versions->compare($houseApplication, $request->upload()->getContent(), $request->renamed());

        return new NewerVersionResource($version, $houseApplication, $keymaps, $this->versions->suites($houseApplication));
    }

    public function store(
        NewerVersionRequest $request,
        HouseApplication $houseApplication,
        #[CurrentUser] User $user,
    ): HouseApplicationResource {
        $row = $this->versions->take(
            $houseApplication,
            $request->integer('version'),
            $request->uploadName(),
            $request->upload()->getContent(),
            $request->renamed(),
            $user,
        );

        return new HouseApplicationResource($row, $user, $request);
    }

    public function undo(
        VersionOnlyRequest $request,
        HouseApplication $houseApplication,
        #[CurrentUser] User $user,
    ): HouseApplicationResource {
        return new HouseApplicationResource($this->versions->undo($houseApplication, $request->integer('version')), $user, $request);
    }
}
