<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

use Illuminate\Foundation\Http\FormRequest;

final class RehearsalRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['application' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['application' => 'Choose an application of the suite.'];
    }
}
