<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Http\TakesFile;
use Illuminate\Foundation\Http\FormRequest;

final class CardFileRequest extends FormRequest
{
    use TakesFile;

    private const MOST_KILOBYTES = 4_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.max' => 'The file is larger than any that Learn writes.', 'file' => 'Choose a file of cards.'];
    }
}
