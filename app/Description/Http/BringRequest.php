<?php

declare(strict_types=1);

namespace App\Description\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class BringRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'files' => ['required', 'array', 'min:1', 'max:5'], 'files.*' => ['file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Say what the application is called.',
            'files' => 'Choose a key file, or up to five.',
            'files.*' => 'Choose a key file.',
        ];
    }

    /** @return non-empty-list<array{string, string}> names and bytes */
    public function keyFiles(): array
    {
        /** @var non-empty-list<UploadedFile> $files */
        $files = array_values($this->validated('files'));

        return array_map(
            static fn (UploadedFile $one): array => [mb_substr($one->getClientOriginalName(), 0, 120), (string) $one->getContent()],
            $files,
        );
    }
}
