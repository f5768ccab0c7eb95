<?php

declare(strict_types=1);

namespace App\Harmonise\Http;

use App\Harmonise\Harmonisation;
use App\Harmonise\Harmonisations;
use App\Harmonise\HarmonisationState;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Harmonise\Solve\Progress;

/** A search: what was asked, how far it is, and what came of it. */
final class HarmonisationResource extends JsonAnswer
{
    public function __construct(private readonly Harmonisation $harmonisation)
    {
        parent::__construct($harmonisation);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $wanted = $this->harmonisation->request;
        $isRefused = $this->harmonisation->state === HarmonisationState::Refused;
        $progress = new Progress($this->harmonisation->best ?? INF, $this->harmonisation->bound ?? -INF);

        return [
            'id' => $this->harmonisation->id,
            'state' => $this->harmonisation->state->value,
            'is_over' => $this->harmonisation->isOver(),
            'ahead' => app(Harmonisations::class)->ahead($this->harmonisation),
            'request' => [...$wanted, 'weights' => (object) $wanted['weights'], 'fixed' => (object) $wanted['fixed']],
            'best' => $this->harmonisation->best,
            'bound' => $this->harmonisation->bound,
            'gap' => $progress->gap(),
            'result' => $isRefused ? null : $this->harmonisation->result,
            'refusal' => $isRefused ? $this->harmonisation->result : null,
        ];
    }
}
