<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

/** A press of what somebody has now. */
final class DraftPressRequest extends PressRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return parent::rules() + ['rehearsal' => ['required', 'uuid']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['rehearsal' => 'Name the rehearsal by a UUID of its own.'];
    }
}
