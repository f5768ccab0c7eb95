<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final class SuitesResource extends JsonAnswer
{
    /** @param  Collection<int, Suite>  $suites */
    public function __construct(private readonly Collection $suites, private readonly SuiteShape $shape)
    {
        parent::__construct($suites);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['suites' => $this->suites->map($this->shape->of(...))->all()];
    }
}
