<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across\CarryOver;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;

/** One line of the account. */
final readonly class CarriedBinding
{
    /**
     * @param  LoadedKeymap  $from  whose binding it is
     * @param  int  $number  its index in that keymap; the same binding can stand there twice
     * @param  Binding|null  $to  as the target writes it; null when it cannot be carried
     * @param  list<Binding>  $displaced  bindings of the target that go
     * @param  bool  $isAccepted  whether it is part of the result
     */
    public function __construct(
        public LoadedKeymap $from,
        public int $number,
        public Binding $binding,
        public Ending $ending,
        public string $sentence,
        public ?Binding $to,
        public array $displaced,
        public bool $isAccepted,
    ) {
    }

    /** One for each line, whatever is accepted. */
    public function id(): string
    {
        return self::idOf($this->from, $this->number);
    }

    public static function idOf(LoadedKeymap $from, int $number): string
    {
        return "{$from->application->id}:{$number}";
    }
}
