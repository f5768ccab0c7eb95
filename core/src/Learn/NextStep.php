<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** What a learner does now. */
enum NextStep: string
{
    /** Chords have moved: see which. */
    case Relearn = 'relearn';
    /** Cards are due. */
    case Practise = 'practise';
    /** Nothing is being learned, and something is worth it. */
    case Choose = 'choose';
    /** Nothing is known of what is done by mouse. */
    case BringLog = 'bring-log';
    case Rest = 'rest';
}
