<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;

final class SitDownRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'until' => ['bail', 'present', 'nullable', 'string', 'date', 'after:now', 'before:+1 year'],
            'accept' => ['sometimes', 'array', 'max:1000'],
            'accept.*' => ['string', 'max:120'],
            'tells_usage' => ['sometimes', 'boolean'],
            'take_over' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['until' => 'Say until when, at an hour that is still to come, or leave it open.'];
    }
}
