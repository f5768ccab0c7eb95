<?php

declare(strict_types=1);

namespace App\Http\Requests\Suite;

use App\Http\Requests\Suite\Concerns\ReportRules;
use Illuminate\Foundation\Http\FormRequest;

final class ReportRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ReportRules::ALL;
    }
}
