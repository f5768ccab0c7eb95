<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\ApplicationFile;
use App\Description\HouseApplication;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** An application as one file, out and in. */
final readonly class ApplicationFileController
{
    public function __construct(private ApplicationFile $files)
    {
    }

    public function show(HouseApplication $houseApplication): Response
    {
        return response($this->files->write($houseApplication), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$houseApplication->slug}.application.json\"",
        ]);
    }

    public function preview(TakeFileRequest $request): ApplicationFilePreviewResource
    {
        $read = ApplicationFile::read($request->upload()->getContent());

        return new ApplicationFilePreviewResource($read, HouseApplication::query()->where('slug', $read['data']->id)->first());
    }

    public function store(TakeFileRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $row = $this->files->takeIn($user, $request->upload()->getContent());

        return (new HouseApplicationResource($row, $user, $request))->withStatus(201);
    }
}
