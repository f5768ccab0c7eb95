<?php

declare(strict_types=1);

namespace App\Person\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Suite\Role;

final class PersonRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'between:1,2147483647'],
            'role' => ['required_without:is_disabled', 'prohibits:is_disabled', Rule::enum(Role::class)],
            'is_disabled' => ['required_without:role', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version' => 'Name the version of the account that is shown.',
            'role' => 'Choose a role: assistant, editor or suite-keeper.',
            'is_disabled' => 'Say whether the account is to be disabled.',
        ];
    }
}
