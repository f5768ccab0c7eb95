<?php

declare(strict_types=1);

namespace App\Intent\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Intent\Frequency;

final class OwnIntentRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', Rule::unique('own_intents', 'name')->where('kit_id', $this->user()->kit->id)],
            'group' => ['required', 'string', 'regex:/^[a-z0-9]+(-[a-z0-9]+)*$/', 'max:40'],
            'synonyms' => ['sometimes', 'array', 'max:30'],
            'synonyms.*' => ['string', 'max:60'],
            'frequency' => ['required', Rule::enum(Frequency::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'You have an intent of that name already.',
            'name' => 'Give the intent a name of at most 80 characters.',
            'group' => 'Choose a group.',
            'frequency' => 'Say how often it is wanted.',
        ];
    }

    /** @return array{name: string, group: string, synonyms: list<string>, frequency: string} */
    public function intent(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'group' => $this->validated('group'),
            'synonyms' => array_values($this->validated('synonyms') ?? []),
            'frequency' => $this->validated('frequency'),
        ];
    }
}
