<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;

/** Stripes across several applications, or across the contexts of one. */
final class StripesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        return [
            'applications' => ['sometimes', 'nullable', 'string', 'max:1000'],
            'within' => ['sometimes', 'string', 'in:'.implode(',', $library->applicationIds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['applications' => 'Name applications with commas between them.', 'within' => 'There is no application of that name.'];
    }
}
