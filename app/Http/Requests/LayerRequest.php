<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class LayerRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'held' => ['sometimes', 'nullable', 'string', 'max:60'],
            'context' => ['sometimes', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'held' => 'Name modifiers joined by plus signs, such as Primary+Shift.',
        ];
    }
}
