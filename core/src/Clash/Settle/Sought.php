<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;

/** Which clashes are to go: all faults, and the warnings too where somebody asks for it. */
final readonly class Sought
{
    public function __construct(private Docket $docket, private bool $withWarnings)
    {
    }

    /** @return array<string, Clash> by identity */
    public function in(LoadedKeymap $keymap): array
    {
        return array_filter($this->docket->of($keymap), $this->isSought(...));
    }

    /**
     * @param  array<Press>  $presses
     * @return array<string, Clash> by identity
     */
    public function on(array $presses, LoadedKeymap $keymap): array
    {
        return array_filter($this->docket->on($presses, $keymap), $this->isSought(...));
    }

    public function word(): string
    {
        return $this->withWarnings ? 'clash' : 'fault';
    }

    private function isSought(Clash $clash): bool
    {
        return $clash->grade === Grade::Fault || ($this->withWarnings && $clash->grade === Grade::Warning);
    }
}
