<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class ComparisonRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['with' => ['required', 'regex:/^(saved|factory|\d{1,12})$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['with' => 'Compare with the last save, with the factory keymap, or with another keymap of the application.'];
    }
}
