<?php

declare(strict_types=1);

namespace App\KeyFile\Http;

use App\KeyFile\ImportedKeyFile;
use App\KeyFile\KeyFiles;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;

/** Brings key files in and reports on them. */
final readonly class KeyFileController
{
    public function __construct(private KeyFiles $keyFiles, private Library $library)
    {
    }

    public function store(BringInRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): JsonResponse
    {
        $file = $this->keyFiles->bringIn($user, $application, $request->uploadName(), $request->upload()->getContent());

        return (new KeyFileReportResource($file, $this->library, $seat))->withStatus(201);
    }

    public function show(ImportedKeyFile $keyFile, Seat $seat): KeyFileReportResource
    {
        return new KeyFileReportResource($this->keyFiles->read($keyFile), $this->library, $seat);
    }

    public function free(Request $request, #[CurrentUser] User $user, ImportedKeyFile $keyFile, Seat $seat): JsonResponse
    {
        $request->validate(['line' => ['required', 'integer', 'min:1']], ['line' => 'Name the line that shall keep its chord.']);

        $file = $this->keyFiles->free($user, $keyFile, $request->integer('line')) ?? abort(404);

        return (new KeyFileReportResource($file, $this->library, $seat))->withStatus(201);
    }
}
