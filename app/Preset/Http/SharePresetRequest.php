<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Preset\Audience;

final class SharePresetRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'audience' => ['required', Rule::enum(Audience::class)],
            'people' => ['sometimes', 'array', 'max:500'],
            'people.*' => ['integer', 'min:1', 'max:9007199254740991', Rule::exists('users', 'id')],
            'is_standard' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['audience' => 'Choose who sees the preset.', 'people.*' => 'There is nobody of that number.'];
    }
}
