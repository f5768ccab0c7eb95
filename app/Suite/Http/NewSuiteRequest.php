<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\System;

final class NewSuiteRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'board' => ['required', Rule::in($library->keyboards->boardIds())],
            'layout' => ['required', Rule::in($library->keyboards->layoutIds())],
            'system' => ['required', Rule::enum(System::class)],
            'applications' => ['present', 'array', 'max:100'],
            'applications.*' => ['distinct', Rule::in($library->applicationIds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the suite a name of up to 60 characters.',
            'board' => 'Choose a board from the list.',
            'layout' => 'Choose a layout from the list.',
            'system' => 'The system is one of macos, windows, linux.',
            'applications' => 'Say which applications the suite has; none is an answer too.',
            'applications.*' => 'Choose applications from the list.',
        ];
    }
}
