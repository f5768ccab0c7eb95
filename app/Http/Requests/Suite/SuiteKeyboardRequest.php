<?php

declare(strict_types=1);

namespace App\Http\Requests\Suite;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SuiteKeyboardRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        return [
            'board' => ['required_without:applications', Rule::in($library->boardIds())],
            'layout' => ['required_without:applications', Rule::in($library->layoutIds())],
            'applications' => ['sometimes', 'array', 'min:1'],
            'applications.*' => ['distinct', Rule::in($library->applicationIds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'board' => 'Choose a board from the list.',
            'layout' => 'Choose a layout from the list.',
            'applications.*' => 'Choose applications from the list.',
        ];
    }
}
