<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;

final class TellUsageRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['tells_usage' => ['required', 'boolean']];
    }
}
