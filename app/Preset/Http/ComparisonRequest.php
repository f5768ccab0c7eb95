<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ComparisonRequest extends FormRequest
{
    private const SIDE = 'regex:/\A(kit|factory|(keymap|release) \d{1,15}|suite [a-z0-9-]{1,60})\z/';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'before' => ['required', 'string', self::SIDE],
            'after' => ['required', 'string', self::SIDE],
            'as' => ['sometimes', Rule::in(['markdown', 'csv'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['before' => 'Choose what to compare.', 'after' => 'Choose what to compare it with.'];
    }
}
