<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

final class BringInRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['file' => ['required', 'file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['file' => 'Choose a key file; up to 8 MB are read.'];
    }

    public function upload(): UploadedFile
    {
        return $this->validated('file');
    }
}
