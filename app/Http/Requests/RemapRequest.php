<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Suite;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Gesture;

final class RemapRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'command' => ['required', 'string', 'max:200'],
            'context' => ['sometimes', 'string', 'max:100'],
            'chord' => ['sometimes', 'string', 'max:100'],
            'gesture' => ['sometimes', Rule::enum(Gesture::class)],
            'rooms' => ['sometimes', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'command' => 'Choose a command first.', 'gesture' => 'The gesture is tap or hold.',
        ];
    }

    public function gesture(): Gesture
    {
        return Gesture::from($this->string('gesture', Gesture::Tap->value)->toString());
    }

    /** @return array<string, Seat> the keyboards of the rooms that free chords must work in, by the room's name */
    public function rooms(): array
    {
        $slugs = array_filter(explode(',', $this->string('rooms')->toString()));

        return $slugs === [] ? [] : Suite::query()->whereIn('slug', $slugs)->orderBy('name')->get()
            ->mapWithKeys(fn (Suite $suite): array => [$suite->name => $this->library()->seat($suite->board, $suite->layout, $suite->system)])->all();
    }
}
