<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Keymap\Binding;

/** Something that a merge cannot decide. */
final readonly class Question
{
    /**
     * @param  string  $id  the same as long as both sides say the same
     * @param  list<Binding>  $before  what both started from
     * @param  list<Binding>  $ours
     * @param  list<Binding>  $theirs
     * @param  Side|null  $answer  null while nobody has decided; ours stays until then
     */
    public function __construct(
        public string $id,
        public MergeQuestionKind $kind,
        public array $before,
        public array $ours,
        public array $theirs,
        public ?Side $answer,
    ) {
    }
}
