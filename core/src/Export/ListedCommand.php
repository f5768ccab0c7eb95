<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** One line of a list: a command in one context, with its chords as they are printed for the seat. */
final readonly class ListedCommand
{
    /**
     * @param  string  $menu  the way to it, as `Clip › Split`; empty where it stands in no menu
     * @param  list<string>  $taps
     * @param  list<string>  $holds
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $menu,
        public string $context,
        public array $taps,
        public array $holds,
    ) {
    }

    /** All chords in one text: "C or Shift+C", "tap E, or hold E"; empty without any. */
    public function chords(): string
    {
        if ($this->holds === []) {
            return implode(' or ', $this->taps);
        }
        $told = array_map(static fn (string $chord): string => "tap {$chord}", $this->taps);
        foreach ($this->holds as $chord) {
            $told[] = ($told === [] ? '' : 'or ')."hold {$chord}";
        }

        return implode(', ', $told);
    }
}
