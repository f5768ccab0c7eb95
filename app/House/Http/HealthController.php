<?php

declare(strict_types=1);

namespace App\House\Http;

use App\Models\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Throwable;

/** `/up` says that the web server answers (liveness); `/up?ready` also that what it stands on does (readiness). */
final readonly class HealthController
{
    public function __invoke(Request $request): JsonResponse
    {
        if (! $request->query->has('ready')) {
            return new JsonResponse(['up' => true]);
        }
        try {
            House::current();

            return new JsonResponse(['up' => true, 'ready' => true]);
        } catch (Throwable) {
            return new JsonResponse(['up' => true, 'ready' => false, 'lacks' => 'the database'], 503);
        }
    }
}
