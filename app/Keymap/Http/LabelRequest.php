<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use Illuminate\Foundation\Http\FormRequest;

final class LabelRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:60'],
            'tags' => ['sometimes', 'present', 'array', 'max:10'],
            'tags.*' => ['required', 'string', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the keymap a name of up to 60 characters.',
            'tags' => 'Up to ten tags of up to 30 characters.',
            'tags.*' => 'A tag has up to 30 characters.',
        ];
    }
}
