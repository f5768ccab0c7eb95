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
        return ['board' => ['required', Rule::in($library->boardIds())], 'layout' => ['required', Rule::in($library->layoutIds())]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['board' => 'Choose a board from the list.', 'layout' => 'Choose a layout from the list.'];
    }
}
