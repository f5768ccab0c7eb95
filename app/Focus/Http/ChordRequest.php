<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Http\TakesChord;
use Illuminate\Foundation\Http\FormRequest;

final class ChordRequest extends FormRequest
{
    use TakesChord;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'chord' => ['required', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'chord' => 'Press a chord, or write one such as Primary+Shift+KeyS.',
        ];
    }
}
