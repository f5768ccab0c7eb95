<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

enum MergeQuestionKind: string
{
    /** Both sides changed the chord of one command, and differently. */
    case SameCommand = 'same-command';
    /** Each side gave one chord to another command: fine alone, not together. */
    case SameChord = 'same-chord';

    /** @return list<Side> */
    public function answers(): array
    {
        return $this === self::SameCommand ? [Side::Ours, Side::Theirs] : [Side::Ours, Side::Theirs, Side::Both];
    }
}
