<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\System;

final class SuiteChangeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        return [
            'name' => ['sometimes', 'string', 'min:1', 'max:60'],
            'board' => ['required_without_all:applications,name', Rule::in($library->keyboards->boardIds())],
            'layout' => ['required_without_all:applications,name', Rule::in($library->keyboards->layoutIds())],
            'system' => ['sometimes', Rule::enum(System::class)],
            'applications' => ['sometimes', 'array', 'min:1'],
            'applications.*' => ['distinct', Rule::in($library->applicationIds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => 'Give the suite a name of up to 60 characters.',
            'system' => 'The system is one of macos, windows, linux.',
            'board' => 'Choose a board from the list.',
            'layout' => 'Choose a layout from the list.',
            'applications.*' => 'Choose applications from the list.',
        ];
    }
}
