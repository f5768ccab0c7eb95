<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class RecoveryCodesResource extends JsonAnswer
{
    /** @param  list<string>  $codes */
    public function __construct(private readonly array $codes)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['codes' => $this->codes];
    }
}
