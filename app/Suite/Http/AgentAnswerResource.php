<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** What the server says to a report. */
final class AgentAnswerResource extends JsonAnswer
{
    /** @param  list<string>  $missing  digests of files to send before the report is taken */
    public function __construct(private readonly array $missing)
    {
        parent::__construct($missing);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['missing' => $this->missing];
    }
}
