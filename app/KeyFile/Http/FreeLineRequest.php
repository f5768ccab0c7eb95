<?php

declare(strict_types=1);

namespace App\KeyFile\Http;

use Illuminate\Foundation\Http\FormRequest;

final class FreeLineRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['line' => ['required', 'integer', 'min:1']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line' => 'Name the line that shall keep its chord.'];
    }
}
