<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class FindRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'words' => ['present', 'nullable', 'string', 'max:200'],
            'application' => ['sometimes', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'words' => 'Write up to 200 characters.',
        ];
    }
}
