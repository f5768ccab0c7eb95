<?php

declare(strict_types=1);

namespace App\Http\Requests\Rehearse;

use App\Http\Requests\TakesChord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Gesture;

final class PressRequest extends FormRequest
{
    use TakesChord;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'chord' => ['required', 'string', 'max:100'],
            'focus' => ['required', 'string', 'max:100'],
            'gesture' => ['sometimes', Rule::enum(Gesture::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['chord' => 'Press a chord.', 'focus' => 'Choose where the focus is.', 'gesture' => 'The gesture is tap or hold.'];
    }

    public function gesture(): Gesture
    {
        return Gesture::from($this->string('gesture', Gesture::Tap->value)->toString());
    }
}
