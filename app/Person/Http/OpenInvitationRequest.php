<?php

declare(strict_types=1);

namespace App\Person\Http;

use Illuminate\Foundation\Http\FormRequest;

final class OpenInvitationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'token' => 'Follow the link of the invitation as it was sent.',
        ];
    }
}
