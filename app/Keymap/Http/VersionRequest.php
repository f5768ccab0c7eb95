<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use Illuminate\Foundation\Http\FormRequest;

/** A step of a keymap's history, made on the version that is shown. */
final class VersionRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'despite_clashes' => ['sometimes', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version' => 'Name the version of the keymap that is shown.'];
    }
}
