<?php

declare(strict_types=1);

namespace App\Resources;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An answer of the API: the JSON shape of one schema of docs/openapi.yaml. A class of its own is named like its schema, with `Resource`
 * behind it, and stands beside its controller; a few members that are made in one line are answered as an array.
 */
class JsonAnswer extends JsonResource
{
    final public function withStatus(int $status): JsonResponse
    {
        return $this->response()->setStatusCode($status);
    }
}
