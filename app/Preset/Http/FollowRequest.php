<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class FollowRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['from' => ['required', Rule::in(['now', 'beginning'])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['from' => 'Say whether all of it is new to you, or only what changes from now on.'];
    }
}
