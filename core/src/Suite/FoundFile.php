<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/**
 * What was there when somebody sat down, and what they were given in its stead.
 *
 * @phpstan-type FoundData array{sha256: string|null, installed: string|null, guests: list<string>, is_replaced: bool, by_hand: string|null}
 */
final readonly class FoundFile
{
    /**
     * @param  string|null  $sha256  of the file as it was found; null for none
     * @param  string|null  $installed  of what the agent had last put there then
     * @param  list<string>  $guests  of all that was given to whoever sits there
     * @param  bool  $isReplaced  whether something of theirs is there, or was; what is found is not looked for again from then on
     * @param  string|null  $byHand  of what they made of it by hand
     */
    public function __construct(
        public ?string $sha256,
        public ?string $installed,
        public array $guests = [],
        public bool $isReplaced = false,
        public ?string $byHand = null,
    ) {
    }

    /** @param  FoundData  $data */
    public static function fromData(array $data): self
    {
        return new self($data['sha256'], $data['installed'], $data['guests'], $data['is_replaced'], $data['by_hand']);
    }

    /** @return FoundData */
    public function toData(): array
    {
        return [
            'sha256' => $this->sha256,
            'installed' => $this->installed,
            'guests' => $this->guests,
            'is_replaced' => $this->isReplaced,
            'by_hand' => $this->byHand,
        ];
    }

    public function given(string $sha256): self
    {
        $guests = in_array($sha256, $this->guests, true) ? $this->guests : [...$this->guests, $sha256];

        return new self($this->sha256, $this->installed, $guests, $this->isReplaced, $this->byHand);
    }

    /** They have gone: what they made by hand may go too, since it is offered to them. */
    public function left(): self
    {
        $guests = $this->byHand === null ? $this->guests : [...$this->guests, $this->byHand];

        return new self($this->sha256, $this->installed, $guests, $this->isReplaced);
    }

    public function after(ReportedFile $report): self
    {
        $isTheirs = in_array($report->sha256, $this->guests, true);
        if (! $this->isReplaced && ! $isTheirs && ! in_array($report->installed, $this->guests, true)) {
            return new self($report->sha256, $report->installed, $this->guests);
        }
        $byHand = $isTheirs || $report->sha256 === null || $report->sha256 === $this->sha256 ? $this->byHand : $report->sha256;

        return new self($this->sha256, $this->installed, $this->guests, true, $byHand);
    }
}
