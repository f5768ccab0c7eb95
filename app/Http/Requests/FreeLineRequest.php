<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class FreeLineRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['line' => ['required', 'integer', 'min:1']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['line' => 'Name the line that shall keep its chord.'];
    }
}
