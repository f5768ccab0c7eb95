<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

use App\Http\TakesChord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Gesture;

class PressRequest extends FormRequest
{
    use TakesChord;

    /** A key that was held goes up. */
    public const LET_GO = 'let-go';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'chord' => ['required', 'string', 'max:100'],
            'focus' => ['required', 'string', 'max:100'],
            'gesture' => ['sometimes', Rule::in([...array_column(Gesture::cases(), 'value'), self::LET_GO])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['chord' => 'Press a chord.', 'focus' => 'Choose where the focus is.', 'gesture' => 'The gesture is tap, hold or let-go.'];
    }

    public function isLetGo(): bool
    {
        return $this->string('gesture')->toString() === self::LET_GO;
    }

    public function gesture(): Gesture
    {
        return Gesture::from($this->string('gesture', Gesture::Tap->value)->toString());
    }
}
