<?php

declare(strict_types=1);

namespace App\Http\Requests\Suite;

use Illuminate\Foundation\Http\FormRequest;

final class CheckInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'files' => ['present', 'array', 'max:50'],
            'files.*.application' => ['required', 'string', 'max:60'],
            'files.*.sha256' => ['present', 'nullable', 'string', 'size:64'],
            'files.*.bytes' => ['sometimes', 'nullable', 'string'],
            'copies' => ['present', 'array', 'max:500'],
            'copies.*.name' => ['required', 'string', 'max:200'],
            'copies.*.application' => ['required', 'string', 'max:60'],
            'copies.*.sha256' => ['required', 'string', 'size:64'],
            'copies.*.taken_at' => ['required', 'date'],
            'focus' => ['sometimes', 'nullable', 'array:application,context'],
            'focus.application' => ['required_with:focus', 'string', 'max:60'],
            'focus.context' => ['required_with:focus', 'string', 'max:100'],
            'read_only' => ['required', 'boolean'],
        ];
    }
}
