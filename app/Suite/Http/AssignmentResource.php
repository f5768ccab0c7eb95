<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** What a suite should have, as its agent is told. */
final class AssignmentResource extends JsonAnswer
{
    /** @param  array<string, mixed>  $document */
    public function __construct(private readonly array $document)
    {
        parent::__construct($document);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->document;
    }
}
