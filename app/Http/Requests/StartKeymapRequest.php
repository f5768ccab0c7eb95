<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A new keymap: a copy of the factory one with an optional first change, or a key file that was brought in. */
final class StartKeymapRequest extends ChangeRequest
{
    protected function changeIsRequired(): bool
    {
        return false;
    }

    /** @return array<string, mixed> */
    protected function rulesBesideTheChange(): array
    {
        return ['name' => ['required', 'string', 'max:60'], 'key_file' => ['sometimes', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['name' => 'Give the keymap a name of up to 60 characters.'];
    }
}
