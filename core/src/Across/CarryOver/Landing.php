<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across\CarryOver;

use Zebrafinch\Core\Keymap\Binding;

/** Where one binding would come to stand in the target, or why it cannot. */
final readonly class Landing
{
    /** @param  string|null  $difference  how the command behaves differently there */
    private function __construct(public ?Binding $binding, public Ending $ending, public string $sentence, public ?string $difference)
    {
    }

    public static function on(Binding $binding, ?string $difference): self
    {
        return new self($binding, $difference === null ? Ending::Carried : Ending::Differs, $difference ?? '', $difference);
    }

    public static function nowhere(Ending $ending, string $sentence): self
    {
        return new self(null, $ending, $sentence, null);
    }
}
