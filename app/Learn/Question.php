<?php

declare(strict_types=1);

namespace App\Learn;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\QuestionKind;

/** What is asked now. */
final readonly class Question
{
    /**
     * @param  string  $id  in its drill
     * @param  string  $text  what is wanted, in words
     * @param  Binding|null  $right  the quickest right press; null where there is none any more
     * @param  array{before: array<string, mixed>, after: array<string, mixed>}|null  $picture  the strip, where it is asked by what becomes
     *     of it
     * @param  string|null  $oldChord  what it was before it moved
     */
    public function __construct(
        public string $id,
        public QuestionKind $kind,
        public LoadedKeymap $keymap,
        public string $command,
        public Context $focus,
        public Gesture $gesture,
        public string $text,
        public ?Binding $right,
        public ?array $picture,
        public ?string $oldChord,
    ) {
    }
}
