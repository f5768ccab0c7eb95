<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Http\TakesFile;
use Illuminate\Foundation\Http\FormRequest;

/** An application as one file. */
final class TakeFileRequest extends FormRequest
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
        return ['file' => 'Choose the file of an application.'];
    }
}
