<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Bounds;

/** Gathers what is to be told about a file; what goes beyond the bound is counted. */
final class Findings
{
    /** @var list<Finding> */
    private array $told = [];

    private int $untold = 0;

    /** @var array<int, true> lines of which it has been said that they are not read */
    private array $lines = [];

    public function add(FindingKind $kind, int $line, string $text, string $sentence): void
    {
        if (count($this->told) >= Bounds::MOST_FINDINGS) {
            $this->untold++;

            return;
        }
        $this->told[] = new Finding($kind, $line, mb_strimwidth(trim($text), 0, 300, '…'), $sentence);
    }

    /** Says of a line that it is not read, unless that has been said. */
    public function notRead(int $line, string $text, string $why): void
    {
        if (! isset($this->lines[$line])) {
            $this->lines[$line] = true;
            $this->add(FindingKind::NotUnderstood, $line, $text, "{$why} It stays in the file and is not read.");
        }
    }

    /** @return list<Finding> in file order */
    public function told(): array
    {
        usort($this->told, static fn (Finding $one, Finding $other): int => $one->line <=> $other->line);

        return $this->told;
    }

    public function untold(): int
    {
        return $this->untold;
    }
}
