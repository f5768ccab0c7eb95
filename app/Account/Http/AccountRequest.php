<?php

declare(strict_types=1);

namespace App\Account\Http;

use Illuminate\Foundation\Http\FormRequest;

final class AccountRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Write your name, up to 80 characters.',
        ];
    }
}
