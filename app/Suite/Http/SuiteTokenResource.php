<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** A new token of a suite's agent, shown this once. */
final class SuiteTokenResource extends JsonAnswer
{
    public function __construct(private readonly string $secret)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['secret' => $this->secret];
    }
}
