<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use App\Suite\Rollout;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final class RolloutsResource extends JsonAnswer
{
    /** @param  Collection<int, Rollout>  $rollouts */
    public function __construct(private readonly Collection $rollouts)
    {
        parent::__construct($rollouts);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'rollouts' => $this->rollouts
                ->map(static fn (Rollout $one): array => (new RolloutResource($one))->toArray($request))
                ->all(),
        ];
    }
}
