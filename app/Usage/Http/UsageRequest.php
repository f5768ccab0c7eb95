<?php

declare(strict_types=1);

namespace App\Usage\Http;

use App\Http\TakesFile;
use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Text\TextSize;

final class UsageRequest extends FormRequest
{
    use TakesFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.intdiv(TextSize::MOST_BYTES, 1024)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.max' => 'The log is larger than '.TextSize::inWords().'. Leave out older days.', 'file' => 'Choose a usage log.'];
    }
}
