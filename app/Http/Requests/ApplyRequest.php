<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class ApplyRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['name' => 'Give the copies of factory keymaps a name of at most 60 characters.'];
    }
}
