<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Http\TakesChord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;

final class AnswerRequest extends FormRequest
{
    use TakesChord;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'question' => ['required', 'string', 'max:300'],
            'chord' => ['present', 'nullable', 'string', 'max:100'],
            'gesture' => ['sometimes', Rule::enum(Gesture::class)],
        ];
    }

    /** Null for "I do not know". */
    public function pressed(Seat $seat): ?Chord
    {
        return $this->validated('chord') === null ? null : $this->chord($seat);
    }

    public function gesture(): Gesture
    {
        return Gesture::from($this->string('gesture', Gesture::Tap->value)->toString());
    }
}
