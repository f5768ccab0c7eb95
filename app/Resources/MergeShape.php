<?php

declare(strict_types=1);

namespace App\Resources;

use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Question;
use Zebrafinch\Core\Preset\TakingIn;

/** What a merge cannot decide, with both sides: the schema `MergeQuestion`. */
final readonly class MergeShape
{
    public function __construct(private Shapes $shapes)
    {
    }

    /** @return list<array<string, mixed>> */
    public function questions(TakingIn $taking): array
    {
        return array_map(
            fn (Question $one): array => [
                'id' => $one->id,
                'kind' => $one->kind->value,
                'before' => array_map($this->shapes->binding(...), $one->before),
                'ours' => array_map($this->shapes->binding(...), $one->ours),
                'theirs' => array_map($this->shapes->binding(...), $one->theirs),
                'answers' => array_map(static fn ($side): string => $side->value, $one->kind->answers()),
                'answer' => $one->answer?->value,
            ],
            $taking->questions,
        );
    }

    /** @return array<string, mixed> */
    public function change(TakingIn $taking): array
    {
        return [
            'removed' => array_map($this->shapes->binding(...), Bindings::of(...$taking->change->removed)->all()),
            'added' => array_map($this->shapes->binding(...), Bindings::of(...$taking->change->added)->all()),
        ];
    }
}
