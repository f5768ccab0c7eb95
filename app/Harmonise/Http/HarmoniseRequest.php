<?php

declare(strict_types=1);

namespace App\Harmonise\Http;

use App\Intent\PersonalVocabulary;
use App\Library\Library;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Intent\UnknownIntent;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Refusal;

/** What is to be harmonised, and what was said about lines of an earlier result. */
final class HarmoniseRequest extends FormRequest
{
    private const MOST_SECONDS = 30;

    private const DEFAULT_SECONDS = 8;

    private const MOST_SAID = 2_000;

    /** @return array<string, mixed> */
    public function rules(Library $library, PersonalVocabulary $words): array
    {
        $vocabulary = $words->vocabulary($this->user());
        $said = [];
        foreach (['accepted', 'refused', 'untouched'] as $list) {
            $said += [
                $list => ['sometimes', 'array', 'max:'.self::MOST_SAID],
                "{$list}.*.application" => ['required', 'string', 'max:100'],
                "{$list}.*.command" => ['required', 'string', 'max:200'],
            ];
        }

        return $said + [
            'accepted.*.chord' => ['present', 'nullable', 'string', 'max:100'],
            'refused.*.chord' => ['present', 'nullable', 'string', 'max:100'],
            'applications' => ['required', 'array', 'min:2', 'max:50'],
            'applications.*' => ['string', 'in:'.implode(',', $library->applicationIds())],
            'intents' => ['sometimes', 'array', 'max:1000'],
            'intents.*' => [
                'string',
                'max:100',
                static function (string $field, mixed $value, Closure $fail) use ($vocabulary): void {
                    try {
                        $vocabulary->intent((string) $value);
                    } catch (UnknownIntent $unknown) {
                        $fail($unknown->getMessage());
                    }
                },
            ],
            'suites' => ['sometimes', 'array', 'max:50'],
            'suites.*' => ['string', 'exists:suites,slug'],
            'weights' => ['sometimes', 'array:'.implode(',', array_keys((new Weights())->toData()))],
            'weights.*' => ['numeric', 'min:0', 'max:100'],
            'fixed' => ['sometimes', 'array', 'max:1000'],
            'fixed.*' => [
                'string',
                'max:100',
                static function (string $field, mixed $value, callable $fail): void {
                    try {
                        Chord::parse((string) $value);
                    } catch (Refusal $refusal) {
                        $fail($refusal->getMessage());
                    }
                },
            ],
            'seconds' => ['sometimes', 'integer', 'min:1', 'max:'.self::MOST_SECONDS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'applications' => 'Choose at least two applications.',
            'suites.*' => 'There is no suite of that name.',
            'weights.*' => 'How much something matters is a number from 0 to 100, 1 for as usual.',
            'seconds' => 'The search may take from 1 to '.self::MOST_SECONDS.' seconds.',
        ];
    }

    /** @return array<string, mixed> as {@see \App\Harmonise\Harmonisation} stores it */
    public function wanted(Seat $seat): array
    {
        return [
            'applications' => array_values(array_unique($this->validated('applications'))),
            'intents' => array_values($this->validated('intents') ?? []),
            'suites' => array_values($this->validated('suites') ?? []),
            'seat' => ['board' => $seat->board->id, 'layout' => $seat->layout->id, 'system' => $seat->system->value],
            'weights' => array_map(floatval(...), $this->validated('weights') ?? []),
            'fixed' => $this->validated('fixed') ?? [],
            'untouched' => $this->said('untouched', ['application', 'command']),
            'accepted' => $this->said('accepted', ['application', 'command', 'chord']),
            'refused' => $this->said('refused', ['application', 'command', 'chord']),
            'seconds' => $this->integer('seconds', self::DEFAULT_SECONDS),
        ];
    }

    /**
     * @param  list<string>  $keys
     * @return list<array<string, string|null>> always with the keys in this order
     */
    private function said(string $list, array $keys): array
    {
        return array_values(
            array_map(
                static fn (array $one): array => array_combine(
                    $keys,
                    array_map(static fn (string $key): ?string => $one[$key] ?? null, $keys),
                ),
                $this->validated($list) ?? [],
            ),
        );
    }
}
