<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveReleaseRequest;
use App\Http\Requests\SeatRequest;
use App\Keymaps\ReleaseSaver;
use App\Models\Preset;
use App\Models\Release;
use App\Models\ReleaseFile;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final readonly class PresetController
{
    public function __construct(private ReleaseSaver $saver)
    {
    }

    public function index(SeatRequest $request): JsonResponse
    {
        $presets = Preset::query()->with(['kit', 'releases.author', 'releases.files', 'releases.preset'])->orderBy('name')->get();

        return new JsonResponse([
            'unsaved_applications' => $this->inUse($request->person()),
            'presets' => $presets->map(fn (Preset $preset): array => [
                'id' => $preset->id,
                'name' => $preset->name,
                'kit' => $preset->kit->name,
                'may_release' => Gate::allows('update', $preset),
                'releases' => $preset->releases->map($this->release(...))->all(),
            ])->all(),
        ]);
    }

    public function store(SaveReleaseRequest $request): JsonResponse
    {
        $release = $this->saver->newPreset($request->person(), $request->string('name')->toString(), $request->string('note')->toString());

        return new JsonResponse($this->release($release->load(['author', 'files', 'preset'])), 201);
    }

    public function addRelease(SaveReleaseRequest $request, Preset $preset): JsonResponse
    {
        $release = $this->saver->nextRelease($request->person(), $preset, $request->string('note')->toString());

        return new JsonResponse($this->release($release->load(['author', 'files', 'preset'])), 201);
    }

    /** @return list<string> applications whose keymap in use would go into a release now */
    private function inUse(User $user): array
    {
        return array_values($user->kit->keymaps()->where('in_use', true)->orderBy('application')->pluck('application')->all());
    }

    /** @return array<string, mixed> */
    private function release(Release $release): array
    {
        return [
            'id' => $release->id,
            'preset' => $release->preset->name,
            'number' => $release->number,
            'note' => $release->note,
            'author' => $release->author->name,
            'digest' => $release->digest,
            'created_at' => $release->created_at->toIso8601String(),
            'applications' => $release->files->map(static fn (ReleaseFile $file): array => [
                'id' => $file->application,
                'file_name' => $file->file_name,
                'bindings' => count($release->content['keymaps'][$file->application]),
            ])->all(),
        ];
    }
}
