<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BringInRequest;
use App\Http\Requests\FreeLineRequest;
use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Library\Library;
use App\Models\KeyFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Dialect\Entry;
use Zebrafinch\Core\Dialect\Finding;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\FreedLine;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Keymap\Change;

/** Brings key files in: reads them, reports on them, and keeps them until they are opened as a keymap. */
final readonly class KeyFileController
{
    public function __construct(private Library $library)
    {
    }

    /** @throws \Zebrafinch\Core\Dialect\UnreadableKeyFile with nothing kept */
    public function store(BringInRequest $request): JsonResponse
    {
        $application = $request->application();
        $bytes = $request->upload()->getContent();
        $this->library->dialect($application)->read($bytes, $application);
        $file = $request->person()->kit->keyFiles()->create([
            'application' => $application->id, 'name' => mb_substr($request->upload()->getClientOriginalName(), 0, 120), 'bytes' => $bytes,
        ]);

        return $this->report($file, $request, 201);
    }

    public function show(SeatRequest $request, KeyFile $keyFile): JsonResponse
    {
        return $this->report($keyFile, $request);
    }

    /** Frees the chord of one line: all other lines for it go, into a copy of the file. */
    public function free(FreeLineRequest $request, KeyFile $keyFile): JsonResponse
    {
        $application = $this->library->application($keyFile->application);
        $dialect = $this->library->dialect($application);
        $read = $dialect->read($keyFile->bytes, $application);
        $freed = FreedLine::in($read, $request->integer('line'), $dialect) ?? abort(404);
        $copy = DB::transaction(fn (): KeyFile => $request->person()->kit->keyFiles()->create(['application' => $application->id, 'name' => $keyFile->name, 'bytes' => $freed->bytes]));

        return $this->report($copy, $request, 201, array_map(static fn (Entry $entry): array => ['line' => $entry->line, 'text' => trim($read->line($entry->line))], $freed->removed));
    }

    /** @param  list<array{line: int, text: string}>  $removed  lines that just went */
    public function report(KeyFile $keyFile, SeatRequest $request, int $status = 200, array $removed = []): JsonResponse
    {
        $application = $this->library->application($keyFile->application);
        $shapes = new Shapes($application, $request->seat());
        $read = $this->library->dialect($application)->read($keyFile->bytes, $application);
        $findings = LoadingFindings::withReading($read, $application);
        $change = Change::between($this->library->factoryBindings($application), $read->bindings());

        return new JsonResponse([
            'id' => $keyFile->id,
            'name' => $keyFile->name,
            'application' => ['id' => $application->id, 'name' => $application->name],
            'lines' => $read->lineCount(),
            'removed' => $removed,
            'bindings_read' => count($read->entries),
            'would_be_refused' => in_array(FindingKind::Refused, array_column($findings, 'kind'), true),
            'findings' => array_map(static fn (Finding $one): array => [
                'kind' => $one->kind->value, 'line' => $one->line, 'text' => mb_strimwidth($one->text, 0, 300, '…'), 'sentence' => $one->sentence,
            ], $findings),
            'against_factory' => [
                'added' => array_map($shapes->binding(...), $change->added),
                'removed' => array_map($shapes->binding(...), $change->removed),
            ],
        ], $status);
    }
}
