<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use Illuminate\Foundation\Http\FormRequest;

final class ComparisonRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['with' => ['required', 'regex:/^(saved|factory|\d{1,12})$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['with' => 'Compare with the last save, with the factory keymap, or with another keymap of the application.'];
    }
}
