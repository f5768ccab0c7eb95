<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class SuiteResource extends JsonAnswer
{
    /** @param  Suite  $suite  as {@see \App\Suite\SuiteList} loads it */
    public function __construct(private readonly Suite $suite, private readonly SuiteShape $shape)
    {
        parent::__construct($suite);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->shape->of($this->suite);
    }
}
