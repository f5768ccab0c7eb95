<?php

declare(strict_types=1);

namespace App\Clash\Http;

use Illuminate\Foundation\Http\FormRequest;

final class AcceptanceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason' => 'Say in up to 200 characters why it is meant.'];
    }
}
