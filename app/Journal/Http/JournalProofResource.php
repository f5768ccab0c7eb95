<?php

declare(strict_types=1);

namespace App\Journal\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** Whether the journal is as it was written. */
final class JournalProofResource extends JsonAnswer
{
    /** @param  string|null  $fault  what is wrong, the earliest first */
    public function __construct(private readonly int $entries, private readonly ?string $fault)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['entries' => $this->entries, 'fault' => $this->fault];
    }
}
