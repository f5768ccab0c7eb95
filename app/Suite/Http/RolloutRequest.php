<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class RolloutRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'release' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'suites' => ['required', 'array', 'min:1', 'max:500'],
            'suites.*' => ['string', 'distinct', Rule::exists('suites', 'slug')],
            'first' => ['sometimes', 'nullable', 'string', 'in_array:suites.*'],
            'when' => ['sometimes', Rule::in(['now', 'closed'])],
            'at' => ['bail', 'sometimes', 'nullable', 'string', 'date', 'after:now', 'before:+1 year'],
            'accept' => ['sometimes', 'array', 'max:5000'],
            'accept.*' => ['string', 'max:120'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:200'],
            'overwrite' => ['sometimes', 'array', 'max:500'],
            'overwrite.*' => ['array', 'max:50'],
            'overwrite.*.*' => ['string', 'regex:/\A[0-9a-f]{64}\z/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'release' => 'Choose a release.',
            'suites' => 'Choose the suites that should get it.',
            'first' => 'The first suite has to be one of them.',
            'at' => 'Choose an hour that is still to come.',
        ];
    }
}
