<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Preset\Side;

final class OfferRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'answers' => ['sometimes', 'array', 'max:1000'],
            'answers.*' => [Rule::enum(Side::class)],
            'version' => ['required', 'integer', 'min:0', 'max:2147483647'],
        ];
    }
}
