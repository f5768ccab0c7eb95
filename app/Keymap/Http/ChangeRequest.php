<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Http\TakesChange;
use Illuminate\Foundation\Http\FormRequest;

/** A change of a keymap, made on a version of it. */
final class ChangeRequest extends FormRequest
{
    use TakesChange;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [...$this->changeRules('required'), 'version' => ['required', 'integer'], 'despite_clashes' => ['sometimes', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->changeMessages(), 'version' => 'Name the version of the keymap that the change was made on.'];
    }
}
