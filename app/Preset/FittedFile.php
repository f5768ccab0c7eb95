<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\StoredFile;
use Zebrafinch\Core\Preset\Problem;

/** One key file as a suite at some keyboard gets it, and what was done to it on the way. */
final readonly class FittedFile
{
    public string $sha256;

    /**
     * @param  string  $bytes  the key file; {@see stored()} stores it
     * @param  list<Problem>  $problems
     * @param  list<string>  $replaced  chords that have others in their stead, in sentences
     * @param  list<string>  $lostToFixed  what lost its chord to one that the house has fixed, in sentences
     */
    public function __construct(public string $bytes, public array $problems, public array $replaced, public array $lostToFixed)
    {
        $this->sha256 = hash('sha256', $bytes);
    }

    /** @return string the digest of the file, which is stored from then on */
    public function stored(): string
    {
        return StoredFile::store($this->bytes);
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
            (string) base64_decode($data['bytes'], true),
            array_values(array_map(Problem::fromData(...), $data['problems'])),
            $data['replaced'],
            $data['lost_to_fixed'],
        );
    }

    /** @return array<string, mixed> */
    public function toData(): array
    {
        return [
            'bytes' => base64_encode($this->bytes),
            'problems' => array_map(static fn (Problem $one): array => $one->toData(), $this->problems),
            'replaced' => $this->replaced,
            'lost_to_fixed' => $this->lostToFixed,
        ];
    }
}
