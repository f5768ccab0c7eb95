<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SaveReleaseRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'name' => [$this->route('preset') === null ? 'required' : 'prohibited', 'string', 'max:60'],
            'note' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'name' => 'Give the preset a name of up to 60 characters.',
            'note' => 'Say in a sentence what this release is for.',
        ];
    }
}
