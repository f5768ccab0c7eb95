<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keymap\Gesture;

final class PressRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['chord' => ['required', 'string', 'max:100'], 'focus' => ['required', 'string', 'max:100'], 'gesture' => ['sometimes', Rule::enum(Gesture::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['chord' => 'Press a chord.', 'focus' => 'Choose where the focus is.', 'gesture' => 'The gesture is tap or hold.'];
    }
}
