<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Suite;
use Zebrafinch\Core\Keyboard\Seat;

/** From which applications to which, where they are known, and what was said about single lines. */
final class CarryOverRequest extends SeatRequest
{
    private const MOST_LINES = 20_000;

    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        $known = 'in:'.implode(',', $this->library()->applicationIds());

        return [
            'target' => ['required', 'string', $known],
            'sources' => ['required', 'array', 'min:1'],
            'sources.*' => ['string', $known, 'different:target'],
            'room' => ['sometimes', 'nullable', 'string', 'exists:suites,slug'],
            'said' => ['sometimes', 'array', 'max:'.self::MOST_LINES],
            'said.*' => ['boolean'],
            'name' => [$this->routeIs('carry-overs.save') ? 'required' : 'sometimes', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'target' => 'Choose the application to carry to.', 'sources' => 'Choose what to carry from.', 'sources.*.different' => 'An application cannot be carried over to itself.',
            'room' => 'There is no room of that name.', 'name' => 'Give the new keymap a name of at most 60 characters.',
        ];
    }

    /** The keyboard at which the target will be used. */
    public function targetSeat(): Seat
    {
        $room = $this->filled('room') ? Suite::query()->where('slug', $this->string('room')->toString())->firstOrFail() : null;

        return $room === null ? $this->seat() : $this->library()->seat($room->board, $room->layout, $room->system);
    }

    /** @return array<string, bool> */
    public function said(): array
    {
        return array_map(static fn (mixed $one): bool => filter_var($one, FILTER_VALIDATE_BOOL), $this->validated('said') ?? []);
    }
}
