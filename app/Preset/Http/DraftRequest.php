<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;

final class DraftRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['preset' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:9007199254740991']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['preset' => 'Choose a preset, or none for a new one.'];
    }
}
