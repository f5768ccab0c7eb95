<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Http\Middleware\RestrictScriptToken;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class TokenRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'abilities' => ['required', 'array', 'min:1', 'max:2'],
            'abilities.*' => ['string', 'distinct', Rule::in(RestrictScriptToken::ABILITIES)],
            'days' => ['required', 'integer', 'between:1,365'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Say what the token is for, in up to 80 characters.',
            'abilities' => 'Choose what the token may do: read, write or both.',
            'abilities.*' => 'Choose what the token may do: read, write or both.',
            'days' => 'Choose for how many days it is good, up to 365.',
            'password' => 'Write your password.',
        ];
    }

    /** @return list<string> */
    public function abilities(): array
    {
        return array_values(array_map(strval(...), $this->array('abilities')));
    }
}
