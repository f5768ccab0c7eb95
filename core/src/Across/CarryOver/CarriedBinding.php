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
     * @param  int  $number  which of equal bindings of that keymap it is, from 0; the same one can stand there twice
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

    /** One for each line, whatever is accepted and wherever it stands. */
    public function id(): string
    {
        return self::idOf($this->from, $this->binding, $this->number);
    }

    public static function idOf(LoadedKeymap $from, Binding $binding, int $number): string
    {
        return "{$from->application->id} {$binding->id()}".($number === 0 ? '' : " {$number}");
    }
}
