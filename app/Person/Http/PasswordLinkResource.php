<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class PasswordLinkResource extends JsonAnswer
{
    public function __construct(private readonly string $link)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['link' => $this->link];
    }
}
