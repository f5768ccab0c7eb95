<?php

declare(strict_types=1);

namespace App\Journal\Http;

use App\Journal\JournalSearch;
use Illuminate\Foundation\Http\FormRequest;

final class JournalRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'person' => ['sometimes', 'integer', 'between:1,9007199254740991'],
            'suite' => ['sometimes', 'string', 'max:80'],
            'keymap' => ['sometimes', 'integer', 'between:1,9007199254740991'],
            'day' => ['sometimes', 'date_format:Y-m-d'],
            'kind' => ['sometimes', 'string', 'max:60'],
            'words' => ['sometimes', 'string', 'max:200'],
            'before' => ['sometimes', 'integer', 'between:1,9007199254740991'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person' => 'Choose a person from the list.',
            'suite' => 'Choose a suite from the list.',
            'keymap' => 'Choose a keymap from the list.',
            'day' => 'Write a day as in 2026-03-09.',
            'before' => 'Go to earlier entries from the list.',
        ];
    }

    public function search(): JournalSearch
    {
        $number = fn (string $name): ?int => $this->has($name) ? $this->integer($name) : null;
        $text = fn (string $name): ?string => $this->has($name) ? $this->string($name)->value() : null;

        return new JournalSearch($number('person'), $text('suite'), $number('keymap'), $text('day'), $text('kind'), $text('words'));
    }

    /** Entries before this number only. */
    public function before(): ?int
    {
        return $this->has('before') ? $this->integer('before') : null;
    }
}
