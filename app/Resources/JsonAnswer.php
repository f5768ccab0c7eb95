<?php

declare(strict_types=1);

namespace App\Resources;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\JsonResource;

/** An answer of the API: the JSON shape of one schema of docs/openapi.yaml, which is named like the class without `Resource`. */
abstract class JsonAnswer extends JsonResource
{
    final public function withStatus(int $status): JsonResponse
    {
        return $this->response()->setStatusCode($status);
    }
}
