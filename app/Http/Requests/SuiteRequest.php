<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SuiteRequest extends SeatRequest
{
    /** What each action of a room must name, by the last part of its address. */
    private const NEEDS = ['handovers' => 'release', 'put-backs' => 'copy', 'take-ins' => 'application', 'rehearsals' => 'application'];

    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        $rules = ['release' => ['integer'], 'copy' => ['string', 'max:200'], 'application' => ['string', 'max:60']];
        $needed = self::NEEDS[$this->segment(4) ?? ''] ?? null;

        return $needed === null ? [] : [$needed => ['required', ...$rules[$needed]]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'release' => 'Choose a release of a preset.',
            'copy' => 'Choose the copy to put back.',
            'application' => 'Choose an application of the room.',
        ];
    }
}
