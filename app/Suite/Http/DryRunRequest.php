<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class DryRunRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'release' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'suites' => ['required', 'array', 'min:1', 'max:500'],
            'suites.*' => ['string', 'distinct', Rule::exists('suites', 'slug')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['release' => 'Choose a release.', 'suites' => 'Choose the suites that should get it.'];
    }
}
