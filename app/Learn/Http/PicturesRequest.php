<?php

declare(strict_types=1);

namespace App\Learn\Http;

use Illuminate\Foundation\Http\FormRequest;

final class PicturesRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'application' => ['sometimes', 'nullable', 'string', 'max:100'],
            'against' => ['sometimes', 'nullable', 'string', 'max:40'],
        ];
    }
}
