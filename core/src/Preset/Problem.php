<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

/** Something that is wrong with a release before it goes out. */
final readonly class Problem
{
    /**
     * @param  string  $id  the same as long as it is the same that is wrong; whoever accepts a problem names it by this
     * @param  string  $sentence  what is wrong and where, for whoever has to decide
     */
    private function __construct(public string $id, public ProblemKind $kind, public string $application, public string $sentence)
    {
    }

    /** @param  string  $identity  tells it from others of its kind in the application */
    public static function of(ProblemKind $kind, string $application, string $identity, string $sentence): self
    {
        return new self("{$kind->value} {$application} ".substr(hash('xxh128', $identity), 0, 16), $kind, $application, $sentence);
    }

    /** @param  array{id: string, kind: string, application: string, sentence: string}  $data */
    public static function fromData(array $data): self
    {
        return new self($data['id'], ProblemKind::from($data['kind']), $data['application'], $data['sentence']);
    }

    /** The same, told of the suites where it is so. */
    public function in(string $suites): self
    {
        return new self($this->id, $this->kind, $this->application, "{$suites}: {$this->sentence}");
    }

    /** @return array{id: string, kind: string, application: string, sentence: string} */
    public function toData(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind->value, 'application' => $this->application, 'sentence' => $this->sentence];
    }
}
