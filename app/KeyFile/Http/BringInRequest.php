<?php

declare(strict_types=1);

namespace App\KeyFile\Http;

use App\Http\TakesFile;
use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Text\TextSize;

final class BringInRequest extends FormRequest
{
    use TakesFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file' => 'Choose a key file; up to '.TextSize::inWords().' are read.'];
    }
}
