<?php

declare(strict_types=1);

namespace App\SecondScreen\Http;

use App\Library\Library;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class LookRequest extends FormRequest
{
    private const ALL = 'all';

    /** @return array<string, mixed> */
    public function rules(Library $library): array
    {
        $isContext = function (string $attribute, mixed $value, Closure $fail) use ($library): void {
            $application = $this->string('application')->toString();
            $isKnown = in_array($application, $library->applicationIds(), true) && is_string($value);
            if ($isKnown && $value !== self::ALL && ! $library->application($application)->contexts->has($value)) {
                $fail('Name a context of the application, or all.');
            }
        };

        return [
            'application' => ['required', 'string', Rule::in($library->applicationIds())],
            'context' => ['required', 'string', 'max:100', $isContext],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['application' => 'Name an application that is known here.'];
    }
}
