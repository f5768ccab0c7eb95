<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class RemapRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'command' => ['required', 'string', 'max:100'],
            'context' => ['sometimes', 'string', 'max:100'],
            'chord' => ['sometimes', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'command' => 'Choose a command first.',
        ];
    }
}
