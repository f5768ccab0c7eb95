<?php

declare(strict_types=1);

namespace App\Person\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Suite\Role;

final class InvitationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:200'],
            'name' => ['required', 'string', 'max:80'],
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email' => 'Write an address, as in editor@house.example.',
            'name' => 'Write a name of up to 80 characters.',
            'role' => 'Choose a role: assistant, editor or suite-keeper.',
        ];
    }
}
