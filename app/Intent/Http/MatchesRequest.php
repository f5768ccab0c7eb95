<?php

declare(strict_types=1);

namespace App\Intent\Http;

use App\Intent\PersonalVocabulary;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Intent\UnknownIntent;

/** What commands of one application are for, one or many at once. An intent that is null takes the person's own match away. */
final class MatchesRequest extends FormRequest
{
    private const MOST = 5_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'matches' => ['required', 'array', 'min:1', 'max:'.self::MOST],
            'matches.*.command' => ['required', 'string', 'max:200', 'distinct'],
            'matches.*.intent' => ['present', 'nullable', 'string', 'max:100'],
            'matches.*.is_near' => ['sometimes', 'boolean'],
            'matches.*.difference' => ['nullable', 'string', 'max:300', 'required_if_accepted:matches.*.is_near'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'matches.*.difference.required_if_accepted' => 'Say in a sentence how the command differs.',
            'matches' => 'Choose at least one command.',
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(PersonalVocabulary $words): array
    {
        return [
            function (Validator $validator) use ($words): void {
                $application = $this->route('application');
                assert($application instanceof Application);
                $vocabulary = $words->vocabulary($this->user());
                foreach ($this->array('matches') as $index => $match) {
                    if (! $application->knows((string) ($match['command'] ?? ''))) {
                        $validator->errors()->add("matches.{$index}.command", "{$application->name} has no such command.");
                    }
                    try {
                        isset($match['intent']) && $vocabulary->intent((string) $match['intent']);
                    } catch (UnknownIntent $unknown) {
                        $validator->errors()->add("matches.{$index}.intent", $unknown->getMessage());
                    }
                }
            },
        ];
    }

    /** @return list<array{command: string, intent: string|null, difference: string|null}> */
    public function matches(): array
    {
        return array_values(
            array_map(
                static fn (array $one): array => [
                    'command' => $one['command'],
                    'intent' => $one['intent'],
                    'difference' => filter_var($one['is_near'] ?? false, FILTER_VALIDATE_BOOL) ? $one['difference'] : null,
                ],
                $this->validated('matches'),
            ),
        );
    }
}
