<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Resources\JsonAnswer;
use App\Suite\AgentReport;
use App\Suite\AssignmentDocument;
use App\Suite\Presence;
use App\Suite\Reports;
use App\Suite\SuiteRefused;
use App\Usage\UsageLogs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Zebrafinch\Core\Text\TextSize;

/** The door for workstations' agents. docs/workstations.md describes what goes through it. */
final readonly class AgentController
{
    public function __construct(
        private AssignmentDocument $document,
        private Reports $reports,
        private Presence $presence,
        private UsageLogs $usage,
        private Library $library,
    ) {
    }

    public function assignment(Request $request): Response|JsonResponse
    {
        $suite = $this->suite($request)->refresh();
        $data = $this->document->of($suite);
        $tag = '"'.substr(hash('sha256', json_encode($data, JSON_THROW_ON_ERROR)), 0, 32).'"';
        $instance = IdentifySuite::instance($request);
        if ($data['presses'] === []) {
            $this->presence->remember($suite, $tag, $instance, $suite->sitting?->until);
        }
        if ($request->header('If-None-Match') === $tag) {
            return new Response('', 304, ['ETag' => $tag]);
        }

        return (new JsonAnswer($data))->response()->withHeaders(['ETag' => $tag]);
    }

    public function file(Request $request, string $sha256): Response
    {
        $digests = array_column($this->document->forStick($this->suite($request))['install'], 'sha256');
        $bytes = in_array($sha256, $digests, true) ? StoredFile::bytesOf($sha256) : null;

        return $bytes === null ? abort(404) : new Response($bytes, 200, ['Content-Type' => 'application/octet-stream']);
    }

    /** A key file that is there and was not given. */
    public function store(Request $request, string $sha256): Response
    {
        $bytes = $request->getContent();
        abort_if(strlen($bytes) > TextSize::MOST_BYTES, 413);
        if (hash('sha256', $bytes) !== $sha256) {
            throw SuiteRefused::wrongDigest($sha256, $bytes);
        }
        StoredFile::store($bytes);

        return response()->noContent();
    }

    public function report(Request $request): JsonAnswer
    {
        $validated = $request->validate(ReportRules::ALL);

        return new JsonAnswer(['missing' => $this->reports->take($this->suite($request), AgentReport::fromData($validated))]);
    }

    /** The first answer to a press stands. */
    public function press(Request $request, string $press): Response
    {
        $validated = $request->validate(['done' => ['required', 'boolean'], 'answer' => ['present', 'array']]);

        $suite = $this->suite($request);
        $asked = $suite->presses()->findOrFail((int) $press);
        $suite
            ->presses()
            ->whereKey($asked->id)
            ->whereNull('is_done')
            ->update(['is_done' => $request->boolean('done'), 'answer' => json_encode($validated['answer'])]);
        $this->presence->forget($suite);

        return response()->noContent();
    }

    /** What an application's log has counted since somebody said yes: all of it each time. */
    public function usage(ToldUsageRequest $request, string $logged): Response
    {
        in_array($logged, $this->suite($request)->applications, true) || abort(404);
        $sitting = $this->suite($request)->sitting;
        if ($sitting === null || ! $sitting->tells_usage || $sitting->id !== $request->integer('sitting')) {
            throw SuiteRefused::nobodyTells($this->suite($request));
        }
        $application = $this->library->application($logged);
        $this->usage->tell($sitting, $logged, $request->days($logged)->named($application->commandLogged(...)));

        return response()->noContent();
    }

    private function suite(Request $request): Suite
    {
        return $request->attributes->get(IdentifySuite::ATTRIBUTE);
    }
}
