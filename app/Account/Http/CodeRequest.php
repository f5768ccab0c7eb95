<?php

declare(strict_types=1);

namespace App\Account\Http;

use Illuminate\Foundation\Http\FormRequest;

final class CodeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code' => 'Write the six digits that your device shows.',
        ];
    }
}
