<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Library\Library;
use Illuminate\Foundation\Http\FormRequest;

/** From which applications to which, where they are known, and what was said about single lines. */
final class CarryOverRequest extends FormRequest
{
    private const MOST_LINES = 20_000;

    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        $known = 'in:'.implode(',', $library->applicationIds());

        return [
            'target' => ['required', 'string', $known],
            'sources' => ['required', 'array', 'min:1'],
            'sources.*' => ['string', $known, 'different:target'],
            'suite' => ['sometimes', 'nullable', 'string', 'exists:suites,slug'],
            'versions' => [$this->routeIs('carry-overs.save') ? 'required' : 'sometimes', 'array'],
            'versions.*' => ['array:keymap,name,version'],
            'versions.*.keymap' => ['present', 'nullable', 'integer'],
            'versions.*.version' => ['required', 'integer'],
            'said' => ['sometimes', 'array', 'max:'.self::MOST_LINES],
            'said.*' => ['boolean'],
            'name' => [$this->routeIs('carry-overs.save') ? 'required' : 'sometimes', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'target' => 'Choose the application to carry to.',
            'sources' => 'Choose what to carry from.',
            'sources.*.different' => 'An application cannot be carried over to itself.',
            'suite' => 'There is no suite of that name.',
            'versions' => 'Name the versions of the keymaps that the report was made from.',
            'name' => 'Give the new keymap a name of at most 60 characters.',
        ];
    }

    /** @return list<string> ids of applications */
    public function sources(): array
    {
        return array_values(array_unique($this->validated('sources')));
    }

    /** @return array<string, array{keymap: int|null, version: int}> by application: the keymaps that the report was made from */
    public function versions(): array
    {
        return $this->validated('versions') ?? [];
    }

    /** @return array<string, bool> by line: whether to take it */
    public function said(): array
    {
        return array_map(static fn (mixed $one): bool => filter_var($one, FILTER_VALIDATE_BOOL), $this->validated('said') ?? []);
    }
}
