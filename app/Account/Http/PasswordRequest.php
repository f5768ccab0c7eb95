<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

final class PasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', new GoodPassword()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current' => 'Write the password that you have now.',
        ];
    }
}
