<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wishes\PersonalWords;
use Illuminate\Validation\Validator;
use Zebrafinch\Core\Intent\UnknownIntent;

/** What commands of one application are for, one or many at once. An intent that is null takes the person's own match away. */
final class MatchesRequest extends SeatRequest
{
    private const MOST = 5_000;

    /** @return array<string, mixed> */
    protected function moreRules(): array
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
        return parent::messages() + ['matches.*.difference.required_if_accepted' => 'Say in a sentence how the command differs.', 'matches' => 'Choose at least one command.'];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $vocabulary = app(PersonalWords::class)->vocabulary($this->person());
            foreach ($this->array('matches') as $place => $match) {
                if (! $this->application()->knows((string) ($match['command'] ?? ''))) {
                    $validator->errors()->add("matches.{$place}.command", "{$this->application()->name} has no such command.");
                }
                try {
                    isset($match['intent']) && $vocabulary->intent((string) $match['intent']);
                } catch (UnknownIntent $unknown) {
                    $validator->errors()->add("matches.{$place}.intent", $unknown->getMessage());
                }
            }
        }];
    }

    /** @return list<array{command: string, intent: string|null, difference: string|null}> */
    public function matches(): array
    {
        return array_values(array_map(static fn (array $one): array => [
            'command' => $one['command'], 'intent' => $one['intent'], 'difference' => filter_var($one['is_near'] ?? false, FILTER_VALIDATE_BOOL) ? $one['difference'] : null,
        ], $this->validated('matches')));
    }
}
