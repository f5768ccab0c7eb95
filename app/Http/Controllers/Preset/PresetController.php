<?php

declare(strict_types=1);

namespace App\Http\Controllers\Preset;

use App\Http\Requests\Preset\SaveReleaseRequest;
use App\Http\Resources\Preset\PresetsResource;
use App\Http\Resources\Preset\ReleaseResource;
use App\Models\Preset;
use App\Models\User;
use App\Preset\ReleaseSaver;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Named series of releases, and saving the next one. */
final readonly class PresetController
{
    public function __construct(private ReleaseSaver $saver)
    {
    }

    public function index(#[CurrentUser] User $user): PresetsResource
    {
        $presets = Preset::query()
            ->with(['kit', 'releases.author', 'releases.files', 'releases.preset'])
            ->orderBy('name')
            ->get();

        return new PresetsResource($presets, $user);
    }

    public function store(SaveReleaseRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $release = $this->saver->newPreset($user, $request->string('name')->toString(), $request->string('note')->toString());

        return (new ReleaseResource($release))->withStatus(201);
    }

    public function addRelease(SaveReleaseRequest $request, #[CurrentUser] User $user, Preset $preset): JsonResponse
    {
        $release = $this->saver->nextRelease($user, $preset, $request->string('note')->toString());

        return (new ReleaseResource($release))->withStatus(201);
    }
}
