<?php

declare(strict_types=1);

namespace App\Http\Requests\Suite;

use Illuminate\Foundation\Http\FormRequest;

final class HandoverRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['release' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['release' => 'Choose a release of a preset.'];
    }
}
