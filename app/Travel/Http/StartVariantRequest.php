<?php

declare(strict_types=1);

namespace App\Travel\Http;

use App\Http\TakesChange;
use Illuminate\Foundation\Http\FormRequest;

/** A keymap that follows the one in use, and what it has otherwise. */
final class StartVariantRequest extends FormRequest
{
    use TakesChange;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [...$this->changeRules('required'), 'name' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->changeMessages(), 'name' => 'Give the keymap a name of up to 60 characters.'];
    }
}
