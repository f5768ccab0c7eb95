<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** Where the focus can be. The root of every tree is {@see ContextTree::EVERYWHERE}. */
final readonly class Context
{
    public const DESKTOP = 'desktop';

    /**
     * @param  string|null  $parent  null only for Everywhere
     * @param  bool  $textEntry  chords that type a character are typed here and reach no command
     * @param  list<string>  $coexistsWith  siblings that can be active together with this one
     * @param  list<string>  $written  what the key file calls it, the one that is written first; empty where it uses the id
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $parent,
        public bool $textEntry = false,
        public array $coexistsWith = [],
        public array $written = [],
    ) {
    }

    /** Not in any application's tree: what the desktop takes before an application is asked at all. */
    public static function desktop(): self
    {
        return new self(self::DESKTOP, 'Desktop', null);
    }
}
