<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Http\TakesFile;
use Illuminate\Foundation\Http\FormRequest;

/** A newer key file of an application. */
final class NewerVersionRequest extends FormRequest
{
    use TakesFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1', 'max:2000000000'],
            'file' => ['required', 'file'],
            'renamed' => ['sometimes', 'array'],
            'renamed.*' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version' => 'Say which version of the application this changes.', 'file' => 'Choose the newer key file.'];
    }

    /** @return array<string, string|null> */
    public function renamed(): array
    {
        $renamed = [];
        foreach ((array) $this->validated('renamed', []) as $id => $word) {
            $renamed[(string) $id] = is_string($word) && $word !== '' ? $word : null;
        }

        return $renamed;
    }
}
