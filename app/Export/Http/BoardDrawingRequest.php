<?php

declare(strict_types=1);

namespace App\Export\Http;

use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;

final class BoardDrawingRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'as' => ['sometimes', 'in:svg,pdf'],
            'context' => ['sometimes', 'string', 'max:100'],
            'layer' => ['sometimes', 'nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['as' => 'Draw it as one of: svg, pdf.'];
    }

    public function isPdf(): bool
    {
        return $this->string('as')->toString() === 'pdf';
    }

    /** As a table names layers: held modifiers joined by plus signs. */
    public function layer(): Modifiers
    {
        return Modifiers::of(...array_filter(array_map(Modifier::tryFrom(...), explode('+', $this->string('layer')->toString()))));
    }
}
