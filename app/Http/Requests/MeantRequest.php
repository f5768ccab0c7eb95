<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class MeantRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['reason' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['reason' => 'Say in up to 200 characters why it is meant.'];
    }
}
