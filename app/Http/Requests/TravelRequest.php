<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/** Besides the keyboard that somebody sits at, the one they go to. */
final class TravelRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'to_system' => ['required', Rule::enum(System::class)],
            'to_board' => ['required', Rule::in($this->library()->boardIds())],
            'to_layout' => ['required', Rule::in($this->library()->layoutIds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'to_system' => 'Say which system it goes to: macos, windows or linux.',
            'to_board' => 'Choose the board it goes to.',
            'to_layout' => 'Choose the layout it goes to.',
        ];
    }

    public function there(): Seat
    {
        return $this->library()->seat(
            $this->string('to_board')->toString(),
            $this->string('to_layout')->toString(),
            System::from($this->string('to_system')->toString()),
        );
    }
}
