<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Account\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

final class JoinRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:100'],
            'name' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', new GoodPassword()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'token' => 'Follow the link of the invitation as it was sent.',
            'name' => 'Write your name, up to 80 characters.',
        ];
    }
}
