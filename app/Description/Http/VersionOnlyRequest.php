<?php

declare(strict_types=1);

namespace App\Description\Http;

use Illuminate\Foundation\Http\FormRequest;

/** Something that is done to an application as it was looked at. */
final class VersionOnlyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1', 'max:2000000000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version' => 'Say which version of the application this is about.'];
    }
}
