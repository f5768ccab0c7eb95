<?php

declare(strict_types=1);

namespace App\Harmonise\Http;

use Illuminate\Foundation\Http\FormRequest;

final class ApplyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => 'Give the copies of factory keymaps a name of at most 60 characters.'];
    }
}
