<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

/**
 * Which columns of an application's usage log say what. A log either counts (how often by key, how often by mouse) or has a line for
 * each use, with a column that tells the hand. Nothing of other columns is read.
 *
 * @phpstan-type ColumnsData array{
 *     day: string,
 *     command: string,
 *     application?: string,
 *     key?: string,
 *     mouse?: string,
 *     hand?: array{column: string, key: list<string>, mouse: list<string>},
 * }
 */
final readonly class UsageColumns
{
    /**
     * @param  string|null  $application  null where the whole log is of one application
     * @param  string|null  $key  how often by key; null where each line is one use
     * @param  string|null  $hand  tells of each use how it was made; null where uses are counted
     * @param  list<string>  $keyWords  what the column of the hand says of a use by key
     * @param  list<string>  $mouseWords  and of one by mouse; lines with other words are passed over
     */
    private function __construct(
        public string $day,
        public string $command,
        public ?string $application,
        public ?string $key,
        public ?string $mouse,
        public ?string $hand = null,
        public array $keyWords = [],
        public array $mouseWords = [],
    ) {
    }

    /** The columns of the product's own logs. */
    public static function own(): self
    {
        return new self('day', 'command', 'application', 'key', 'mouse');
    }

    /** @param  ColumnsData  $data  as in an application's catalogue under `usage_log` */
    public static function fromData(array $data): self
    {
        return new self(
            $data['day'],
            $data['command'],
            $data['application'] ?? null,
            $data['key'] ?? null,
            $data['mouse'] ?? null,
            $data['hand']['column'] ?? null,
            $data['hand']['key'] ?? [],
            $data['hand']['mouse'] ?? [],
        );
    }

    /** @return ColumnsData */
    public function toData(): array
    {
        return array_filter(
            [
                'day' => $this->day,
                'command' => $this->command,
                'application' => $this->application,
                'key' => $this->key,
                'mouse' => $this->mouse,
                'hand' => $this->hand === null ? null : ['column' => $this->hand, 'key' => $this->keyWords, 'mouse' => $this->mouseWords],
            ],
            static fn (mixed $one): bool => $one !== null,
        );
    }

    /** @return list<string> the columns that have to be there */
    public function wanted(): array
    {
        return array_values(
            array_filter([$this->day, $this->application, $this->command, $this->key, $this->mouse, $this->hand], is_string(...)),
        );
    }

    /**
     * Where each wanted column stands.
     *
     * @param  list<string>  $header
     * @return array<string, int> by name
     *
     * @throws UnreadableUsage
     */
    public function in(array $header): array
    {
        $at = array_flip(array_reverse($header, true));
        foreach ($this->wanted() as $name) {
            if (! isset($at[$name])) {
                throw UnreadableUsage::header($this->wanted());
            }
        }

        return $at;
    }
}
