<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Resources\JsonAnswer;
use App\Suite\AgentReport;
use App\Suite\Bundles;
use App\Suite\SuiteList;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

/** What a suite away from the network gets on a stick, and what comes back on it. */
final readonly class BundleController
{
    public function __construct(private Bundles $bundles, private SuiteList $list, private SuiteShape $shape)
    {
    }

    public function show(Suite $suite): Response
    {
        return response($this->bundles->of($suite), 200, [
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => "attachment; filename=\"{$suite->slug}.bundle\"",
        ]);
    }

    public function report(StickReportRequest $request, Suite $suite): JsonAnswer
    {
        [$data, $files] = $this->bundles->read($suite, (string) file_get_contents($request->bytesAt()));
        $this->bundles->take($suite, AgentReport::fromData(Validator::make($data, ReportRules::ALL)->validate()), $files);

        return new JsonAnswer($this->shape->of($this->list->loaded($suite->refresh())));
    }
}
