<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Library\Library;
use App\Models\Release;
use App\Models\User;
use App\Preset\ArchiveReader;
use App\Preset\ArchiveWriter;
use App\Preset\ReleaseSaver;
use App\Preset\Signer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\BrokenArchive;

/** Releases carried as files, signed by the house they come from. */
final readonly class ArchiveController
{
    public function show(Release $release, Seat $seat, ArchiveWriter $writer): Response
    {
        return response($writer->of($release->load(['files', 'preset', 'author']), $seat), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => "attachment; filename=\"release-{$release->id}-{$release->number}.zip\"",
        ]);
    }

    /** Tells what is in an archive, and takes it in where a name for it is given. */
    public function store(
        ArchiveRequest $request,
        #[CurrentUser] User $user,
        ArchiveReader $reader,
        ReleaseSaver $saver,
        Library $library,
    ): JsonResponse {
        $archive = $reader->read($request->bytesAt());
        $name = $request->validated('name');
        if ($name !== null && $archive->signer === Signer::Forged) {
            throw BrokenArchive::forged();
        }
        $note = is_string($archive->about['note'] ?? null) ? mb_substr($archive->about['note'], 0, 200) : 'From an archive';
        $release = $name === null ? null : $saver->fromArchive($user, $name, $note, $archive->draft, $archive->foreign);

        return (new ArchiveReportResource($archive, $release, $user, $library))->withStatus($release === null ? 200 : 201);
    }
}
