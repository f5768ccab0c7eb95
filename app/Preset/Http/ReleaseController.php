<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Keymap;
use App\Models\Preset;
use App\Models\Release;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Preset\Gate as ReleaseGate;
use App\Preset\KitOpener;
use App\Preset\ReleaseSaver;
use App\Resources\JsonAnswer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Keyboard\Seat;

/** Making releases, after a look at what is wrong with them, and opening them. */
final readonly class ReleaseController
{
    public function __construct(private ReleaseSaver $saver, private ReleaseGate $gate)
    {
    }

    /** What a release would be if it were made now. */
    public function draft(Request $request, #[CurrentUser] User $user, Seat $seat): ReleaseDraftResource
    {
        $validated = $request->validate(
            ['preset' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:9007199254740991']],
            ['preset' => 'Choose a preset, or none for a new one.'],
        );

        $preset = ($validated['preset'] ?? null) === null ? null : Preset::query()->findOrFail($request->integer('preset'));
        if ($preset !== null) {
            Gate::authorize('release', $preset);
        }
        [$draft, $problems, $same] = $this->saver->looked($user, $preset, $seat);

        return new ReleaseDraftResource($draft, $problems, $same, $preset, $this->gate->followers($preset), $seat);
    }

    public function first(SaveReleaseRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $release = $this->saver->newPreset(
            $user,
            $request->string('name')->toString(),
            $request->string('note')->toString(),
            $seat,
            $this->yes($request),
        );

        return (new ReleaseResource($release))->withStatus(201);
    }

    public function next(SaveReleaseRequest $request, #[CurrentUser] User $user, Preset $preset, Seat $seat): JsonResponse
    {
        $release = $this->saver->nextRelease(
            $user,
            $preset,
            $request->string('note')->toString(),
            $seat,
            $this->yes($request),
            $request->validated('fixed'),
        );

        return (new ReleaseResource($release))->withStatus(201);
    }

    /** All keymaps of a release are in use from now on. */
    public function open(#[CurrentUser] User $user, Release $release, KitOpener $opener): JsonResponse
    {
        $keymaps = array_map(
            static fn (Keymap $keymap): array => ['id' => $keymap->id, 'application' => $keymap->application, 'name' => $keymap->name],
            $opener->open($user, $release->load(['files', 'preset'])),
        );

        return (new JsonAnswer(['keymaps' => $keymaps]))->withStatus(201);
    }

    private function yes(SaveReleaseRequest $request): Acknowledgement
    {
        return new Acknowledgement($request->validated('accept') ?? [], $request->validated('reason'));
    }
}
