<?php

declare(strict_types=1);

namespace App\SecondScreen\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class LookResource extends JsonAnswer
{
    /** @param  string|null  $application  null while nothing has been looked at */
    public function __construct(private readonly ?string $application, private readonly ?string $context, private readonly string $kit)
    {
        parent::__construct($application);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['application' => $this->application, 'context' => $this->context, 'kit' => $this->kit];
    }
}
