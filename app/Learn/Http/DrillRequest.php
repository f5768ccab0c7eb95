<?php

declare(strict_types=1);

namespace App\Learn\Http;

use Illuminate\Foundation\Http\FormRequest;

final class DrillRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'of' => ['required', 'in:due,ahead,different,suite'],
            'application' => ['sometimes', 'nullable', 'string', 'max:100'],
            'context' => ['sometimes', 'nullable', 'string', 'max:100'],
            'suite' => ['required_if:of,suite', 'string', 'max:100'],
        ];
    }
}
