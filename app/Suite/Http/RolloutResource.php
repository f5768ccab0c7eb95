<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use App\Suite\Rollout;
use App\Suite\RolloutSuite;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class RolloutResource extends JsonAnswer
{
    public function __construct(private readonly Rollout $rollout)
    {
        parent::__construct($rollout);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $rollout = $this->rollout;

        return [
            'id' => $rollout->id,
            'release' => [
                'preset' => $rollout->release->preset->name,
                'number' => $rollout->release->number,
                'release' => $rollout->release->id,
            ],
            'by' => $rollout->user->name,
            'state' => $rollout->state->value,
            'when' => $rollout->install_when,
            'begins_at' => $rollout->begins_at?->toIso8601String(),
            'created_at' => $rollout->created_at->toIso8601String(),
            'reason' => $rollout->reason,
            'suites' => $rollout->suites
                ->map(
                    static fn (RolloutSuite $one): array => [
                        'suite' => ['id' => $one->suite->slug, 'name' => $one->suite->name],
                        'step' => $one->step->value,
                        'fault' => $one->fault,
                        'is_first' => $one->suite_id === $rollout->first_suite_id,
                    ],
                )
                ->all(),
            'may_keep' => Gate::allows('keep', $rollout),
        ];
    }
}
