<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Preset\Side;

final class TakeNewsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'up_to' => ['required', 'integer', 'min:1', 'max:9007199254740991'],
            'answers' => ['sometimes', 'array', 'max:1000'],
            'answers.*' => [Rule::enum(Side::class)],
            'versions' => ['sometimes', 'array', 'max:50'],
            'versions.*' => ['integer', 'min:0', 'max:2147483647'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['up_to' => 'Name the release that you have seen.'];
    }
}
