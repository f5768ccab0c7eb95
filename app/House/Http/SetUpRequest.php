<?php

declare(strict_types=1);

namespace App\House\Http;

use App\Account\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

final class SetUpRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:60'],
            'house' => ['required', 'string', 'max:80'],
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:200'],
            'password' => ['required', 'string', new GoodPassword()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code' => 'Write the code that the terminal printed.',
            'house' => 'Give the house a name of up to 80 characters.',
            'name' => 'Write your name, up to 80 characters.',
            'email' => 'Write your address, as in keeper@house.example.',
        ];
    }

    /** @return array{string, string, string, string, string} */
    public function given(): array
    {
        return [
            $this->string('code')->value(),
            $this->string('house')->value(),
            $this->string('name')->value(),
            $this->string('email')->value(),
            $this->string('password')->value(),
        ];
    }
}
