<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** What commands are likely to be for. */
final class ProposedMatchesResource extends JsonAnswer
{
    /** @param  list<array<string, mixed>>  $proposed */
    public function __construct(private readonly array $proposed)
    {
        parent::__construct($proposed);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['matches' => $this->proposed];
    }
}
