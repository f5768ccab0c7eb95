<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Gesture;

final class CardsRequest extends FormRequest
{
    private const MOST_AT_ONCE = 50;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cards' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST_AT_ONCE],
            'cards.*' => ['array:application,command,context,gesture'],
            'cards.*.application' => ['required', 'string', 'max:100'],
            'cards.*.command' => ['required', 'string', 'max:100'],
            'cards.*.context' => ['required', 'string', 'max:100'],
            'cards.*.gesture' => ['sometimes', Rule::enum(Gesture::class)],
        ];
    }

    /**
     * @return list<array{application: string, command: string, context: string, gesture: Gesture, old_chord: null}>
     *
     * @throws \Zebrafinch\Core\Refusal where the application, the context or the command is not known
     */
    public function cards(Library $library): array
    {
        $cards = [];
        foreach ((array) $this->validated('cards') as $card) {
            $application = $library->application($card['application']);
            $cards[] = [
                'application' => $application->id,
                'command' => $application->command($card['command'])->id,
                'context' => $application->contexts->get($card['context'])->id,
                'gesture' => Gesture::from($card['gesture'] ?? Gesture::Tap->value),
                'old_chord' => null,
            ];
        }

        return $cards;
    }
}
