<?php

declare(strict_types=1);

namespace App\Preset;

use Zebrafinch\Core\Preset\Problem;

/** One key file as a suite at some keyboard gets it, and what was done to it on the way. */
final readonly class Fit
{
    /**
     * @param  string  $sha256  of the file, which is stored
     * @param  list<Problem>  $problems
     * @param  list<string>  $replaced  chords that have others in their stead, in sentences
     * @param  list<string>  $lostToFixed  what lost its chord to one that the house has fixed, in sentences
     */
    public function __construct(public string $sha256, public array $problems, public array $replaced, public array $lostToFixed)
    {
    }

    /**
     * What keeps it from reaching the suite.
     *
     * @param  list<string>  $accepted  ids of problems
     * @return list<Problem>
     */
    public function stops(array $accepted): array
    {
        return array_values(
            array_filter($this->problems, static fn (Problem $one): bool => $one->kind->stops() && ! in_array($one->id, $accepted, true)),
        );
    }

    /** @param  array<string, mixed>  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['sha256'],
            array_values(array_map(Problem::fromData(...), $data['problems'])),
            $data['replaced'],
            $data['lost_to_fixed'],
        );
    }

    /** @return array<string, mixed> */
    public function toData(): array
    {
        return [
            'sha256' => $this->sha256,
            'problems' => array_map(static fn (Problem $one): array => $one->toData(), $this->problems),
            'replaced' => $this->replaced,
            'lost_to_fixed' => $this->lostToFixed,
        ];
    }
}
