<?php

declare(strict_types=1);

namespace App\Keyboard\Http;

use Illuminate\Foundation\Http\FormRequest;

/** What `navigator.keyboard.getLayoutMap()` told: plain characters by key code. */
final class LayoutProposalRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['keys' => ['required', 'array', 'max:200'], 'keys.*' => ['string', 'max:8']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['keys' => 'Tell what the keys type, by their codes.'];
    }
}
