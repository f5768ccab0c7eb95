<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Zebrafinch\Core\Intent\Frequency;

final class OwnIntentRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('own_intents', 'name')->where('kit_id', $this->person()->kit->id)],
            'group' => ['required', 'string', 'regex:/^[a-z0-9]+(-[a-z0-9]+)*$/', 'max:40'],
            'synonyms' => ['sometimes', 'array', 'max:30'],
            'synonyms.*' => ['string', 'max:60'],
            'frequency' => ['required', Rule::enum(Frequency::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'name.unique' => 'You have an intent of that name already.', 'name' => 'Give the intent a name of at most 80 characters.',
            'group' => 'Choose a group.', 'frequency' => 'Say how often it is wanted.',
        ];
    }
}
