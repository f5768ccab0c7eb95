<?php

declare(strict_types=1);

namespace App\Http\Requests\Suite;

use Illuminate\Foundation\Http\FormRequest;

final class PutBackRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['copy' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['copy' => 'Choose the copy to put back.'];
    }
}
