<?php

declare(strict_types=1);

namespace App\Suite;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Side;
use Zebrafinch\Core\Preset\TakingIn;

/** A key file that is in a suite and was not given. */
final readonly class HandChange
{
    /**
     * @param  Bindings  $base  what was given last; the factory keymap where nothing ever was
     * @param  Bindings|null  $due  null where nothing is
     * @param  array{preset: string, number: int, release: int}|null  $baseLabel
     * @param  array{preset: string, number: int, release: int}|null  $dueLabel
     */
    public function __construct(
        public Application $application,
        public string $sha256,
        public string $bytes,
        public Bindings $base,
        public Bindings $there,
        public ?Bindings $due,
        public ?array $baseLabel,
        public ?array $dueLabel,
    ) {
    }

    /** @param  array<string, Side>  $answers */
    public function merge(array $answers = []): TakingIn
    {
        return TakingIn::of($this->base, $this->there, $this->due ?? $this->base, $answers);
    }
}
