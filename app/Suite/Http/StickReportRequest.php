<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class StickReportRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file']];
    }

    /** Where the file lies that came. */
    public function bytesAt(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->getRealPath() : '';
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file' => 'Choose the report that the agent wrote beside the bundle.'];
    }
}
