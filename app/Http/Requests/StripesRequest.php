<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Zebrafinch\Core\Application\Application;

/** Stripes across several applications, or across the contexts of one. */
final class StripesRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return ['within' => ['sometimes', 'string', 'in:'.implode(',', $this->library()->applicationIds())]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['within' => 'There is no application of that name.'];
    }

    public function within(): ?Application
    {
        return $this->filled('within') ? $this->library()->application($this->string('within')->toString()) : null;
    }
}
