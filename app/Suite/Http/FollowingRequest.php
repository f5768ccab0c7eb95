<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;

final class FollowingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'preset' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'release' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:9007199254740991'],
            'accept' => ['sometimes', 'array', 'max:1000'],
            'accept.*' => ['string', 'max:120'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['preset' => 'Choose a preset that the suite should follow.'];
    }
}
