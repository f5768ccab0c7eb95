<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

/** What one slot can have. */
final readonly class SlotOptions
{
    /**
     * @param  array<int, Option>  $byChord  by index in {@see Candidates::$chords}
     * @param  float|null  $unbound  what having no chord costs; null when it must have one
     */
    public function __construct(public array $byChord, public ?float $unbound)
    {
    }

    /** With one of the chords and no other. */
    public function only(int $chord): self
    {
        return new self(array_intersect_key($this->byChord, [$chord => true]), null);
    }

    /** With no chord at all. */
    public function none(): self
    {
        return new self([], $this->unbound);
    }

    /** @return array<int, float> what each chord costs */
    public function costs(): array
    {
        return array_map(static fn (Option $option): float => $option->cost(), $this->byChord);
    }
}
