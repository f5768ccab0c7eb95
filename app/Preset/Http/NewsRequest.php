<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Preset\Side;

final class NewsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['answers' => ['sometimes', 'array', 'max:1000'], 'answers.*' => [Rule::enum(Side::class)]];
    }
}
