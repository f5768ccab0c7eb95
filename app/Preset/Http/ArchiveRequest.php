<?php

declare(strict_types=1);

namespace App\Preset\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class ArchiveRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file'], 'name' => ['sometimes', 'nullable', 'string', 'max:60']];
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
        return ['file' => 'Choose an archive of a release.', 'name' => 'Give the preset a name of up to 60 characters.'];
    }
}
