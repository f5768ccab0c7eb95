<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Preset\Side;

final class HandChangeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'way' => ['required', Rule::in(['leave', 'overwrite', 'put-back', 'merge', 'release'])],
            'sha256' => ['present_unless:way,put-back', 'nullable', 'string', 'regex:/\A[0-9a-f]{64}\z/'],
            'copy' => ['required_if:way,put-back', 'string', 'regex:/\A[0-9a-f]{64}\z/'],
            'answers' => ['sometimes', 'array', 'max:1000'],
            'answers.*' => [Rule::enum(Side::class)],
            'note' => ['required_if:way,release', 'string', 'max:200'],
            'accept' => ['sometimes', 'array', 'max:1000'],
            'accept.*' => ['string', 'max:120'],
            'reason' => ['sometimes', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'way' => 'Choose what is to become of the file.',
            'note' => 'Say in a sentence what this release is for.',
            'sha256' => 'Name the file that you have seen.',
        ];
    }
}
