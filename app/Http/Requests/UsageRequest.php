<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

final class UsageRequest extends SeatRequest
{
    private const MOST_KILOBYTES = 8_192;

    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['file.max' => 'The log is larger than 8 MB. Leave out older days.', 'file' => 'Choose a usage log.'];
    }

    public function upload(): UploadedFile
    {
        return $this->validated('file');
    }
}
