<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:200'],
            'token' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', new GoodPassword()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email' => 'Follow the link as it was sent.',
            'token' => 'Follow the link as it was sent.',
        ];
    }
}
