<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class NewSecondFactorResource extends JsonAnswer
{
    public function __construct(private readonly string $secret, private readonly string $address)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['secret' => $this->secret, 'address' => $this->address];
    }
}
