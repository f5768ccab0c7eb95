<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Http\TakesChange;
use Illuminate\Foundation\Http\FormRequest;

/** A new keymap: a copy of the factory one with an optional first change, of another, of a release, or a key file that was brought in. */
final class StartKeymapRequest extends FormRequest
{
    use TakesChange;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...$this->changeRules('sometimes'),
            'name' => ['required', 'string', 'max:60'],
            'key_file' => ['sometimes', 'integer'],
            'copy_of' => ['sometimes', 'integer'],
            'release' => ['sometimes', 'integer'],
            'despite_clashes' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->changeMessages(), 'name' => 'Give the keymap a name of up to 60 characters.'];
    }
}
