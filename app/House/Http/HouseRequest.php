<?php

declare(strict_types=1);

namespace App\House\Http;

use Illuminate\Foundation\Http\FormRequest;

final class HouseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'version' => ['required', 'integer', 'between:1,2147483647'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the house a name of up to 80 characters.',
            'version' => 'Name the version that is shown.',
        ];
    }
}
