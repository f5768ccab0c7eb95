<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A keymap that follows the one in use, and what it has otherwise. */
final class StartVariantRequest extends ChangeRequest
{
    /** @return array<string, mixed> */
    protected function rulesBesideTheChange(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['name' => 'Give the keymap a name of up to 60 characters.'];
    }
}
