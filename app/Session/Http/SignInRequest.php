<?php

declare(strict_types=1);

namespace App\Session\Http;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email' => 'Write the address of your account.', 'password' => 'Write your password.'];
    }
}
