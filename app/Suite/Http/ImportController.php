<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\KeyFile\Http\KeyFileReportResource;
use App\KeyFile\KeyFiles;
use App\Library\Library;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
use App\Suite\SuiteRefused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;

/** Imports the key file that a suite has reported, as if somebody had brought it in. */
final readonly class ImportController
{
    public function __invoke(
        Request $request,
        #[CurrentUser] User $user,
        Suite $suite,
        Seat $seat,
        Library $library,
        KeyFiles $keyFiles,
    ): JsonResponse {
        $request->validate(['application' => ['required', 'string', 'max:60']], ['application' => 'Choose an application of the suite.']);

        $application = $library->application($request->string('application')->toString());
        $bytes = StoredFile::bytesOf($suite->state->report($application->id)->sha256);
        $file = $keyFiles->bringIn(
            $user,
            $application,
            "{$suite->name}, as it is there",
            $bytes ?? throw SuiteRefused::noReportedFile($suite, $application->name),
        );

        return (new KeyFileReportResource($file, $library, $seat))->withStatus(201);
    }
}
