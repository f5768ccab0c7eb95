<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;

/** A part of a key file that holds a binding, with what was found in it; nothing of it is understood yet. */
final readonly class Found
{
    /**
     * @param  list<Part>  $holders  from the outermost to the one around the part
     * @param  Located|null  $context  null where the file names none
     * @param  list<array<string, Located>>  $chords  as {@see ChordLocator::find} gives them
     * @param  string|null  $fault  why it is no binding
     * @param  list<string>  $unknown  the names of parts in it that nothing is known of
     */
    public function __construct(
        public Part $part,
        public array $holders,
        public ?Located $context,
        public ?Located $command,
        public array $chords,
        public ?Located $gesture,
        public ?string $fault,
        public array $unknown,
    ) {
    }

    /** @return list<array{ChordLocator, array<string, Located>}> all its chords with their locators, unbound ones included */
    public function located(Description $description, string $text): array
    {
        $all = [];
        foreach ($description->chords as $locator) {
            foreach ($locator->find($this->part, $this->holders, $text) as $located) {
                $all[] = [$locator, $located];
            }
        }

        return $all;
    }
}
