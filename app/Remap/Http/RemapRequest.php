<?php

declare(strict_types=1);

namespace App\Remap\Http;

use App\Http\TakesChord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Gesture;

final class RemapRequest extends FormRequest
{
    use TakesChord;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'command' => ['required', 'string', 'max:200'],
            'context' => ['sometimes', 'string', 'max:100'],
            'chord' => ['sometimes', 'string', 'max:100'],
            'gesture' => ['sometimes', Rule::enum(Gesture::class)],
            'suites' => ['sometimes', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'command' => 'Choose a command first.',
            'gesture' => 'The gesture is tap or hold.',
        ];
    }

    public function gesture(): Gesture
    {
        return Gesture::from($this->string('gesture', Gesture::Tap->value)->toString());
    }

    /** @return list<string> the suites whose keyboards free chords must work at too, by their slugs */
    public function suites(): array
    {
        return array_values(array_filter(explode(',', $this->string('suites')->toString())));
    }
}
