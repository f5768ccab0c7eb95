<?php

declare(strict_types=1);

namespace App\Travel\Http;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/** Besides the keyboard that somebody sits at, the one they go to. */
final class TravelRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        return [
            'to_system' => ['required', Rule::enum(System::class)],
            'to_board' => ['required', Rule::in($library->keyboards->boardIds())],
            'to_layout' => ['required', Rule::in($library->keyboards->layoutIds())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'to_system' => 'Say which system it goes to: macos, windows or linux.',
            'to_board' => 'Choose the board it goes to.',
            'to_layout' => 'Choose the layout it goes to.',
        ];
    }

    public function there(Library $library): Seat
    {
        return $library->keyboards->seat(
            $this->string('to_board')->toString(),
            $this->string('to_layout')->toString(),
            System::from($this->string('to_system')->toString()),
        );
    }
}
