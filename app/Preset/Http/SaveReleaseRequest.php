<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;

final class SaveReleaseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => [$this->route('preset') === null ? 'required' : 'prohibited', 'string', 'max:60'],
            'note' => ['required', 'string', 'max:200'],
            'accept' => ['sometimes', 'array', 'max:5000'],
            'accept.*' => ['string', 'max:120'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:200'],
            'fixed' => ['sometimes', 'array', 'max:50'],
            'fixed.*' => ['array', 'max:500'],
            'fixed.*.*' => ['string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the preset a name of up to 60 characters.',
            'note' => 'Say in a sentence what this release is for.',
        ];
    }
}
