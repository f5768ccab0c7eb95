<?php

declare(strict_types=1);

namespace App\House\Http;

use App\House\Metrics;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Numbers for whoever watches the house, in the OpenMetrics text format; opened by a token of its own. */
final readonly class MetricsController
{
    public function __invoke(Request $request, Metrics $metrics): Response
    {
        $token = config('app.metrics_token');
        abort_unless(is_string($token) && $token !== '', 404);
        abort_unless(hash_equals($token, $request->bearerToken() ?? ''), 401);

        return response($metrics->text(), 200, ['Content-Type' => 'application/openmetrics-text; version=1.0.0; charset=utf-8']);
    }
}
