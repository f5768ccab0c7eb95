<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

use Zebrafinch\Core\Keyboard\Board;

/**
 * A strip to lay along the keyboard, as long as the board and in true millimetres: cut into pieces that fit on a side of A4 laid across,
 * one below the other.
 */
final readonly class KeyStrip
{
    private const PAGE = [297.0, 210.0];

    private const MARGIN = 10.0;

    /** Height of the strip; common practice, no source. */
    public const HEIGHT = 24.0;

    private const GAP = 8.0;

    /** As wide as a chord and its name are read from arm's length. */
    private const CELL = 30.0;

    private const LARGEST = 3.2;

    /** @param  list<Reminder>  $reminders  those that do not fit are left out */
    public function __construct(private Board $board, private array $reminders)
    {
    }

    /** Length of the whole strip, in mm. */
    public function length(): float
    {
        return $this->board->size()['width'];
    }

    /** How many reminders it has room for: two rows of cells. */
    public function capacity(): int
    {
        return 2 * (int) floor($this->length() / self::CELL);
    }

    public function svg(): string
    {
        [$width, $height] = self::PAGE;
        $inPiece = (int) floor(($width - 2 * self::MARGIN) / self::CELL);
        $columns = array_chunk(array_slice($this->reminders, 0, $this->capacity()), 2);
        $left = $this->length();
        $parts = [Svg::text(self::MARGIN, self::MARGIN - 2, 3.2, 'To lay along the keyboard; print at 100 %, cut, and join', true)];
        for ($piece = 0; $left > 0.001; $piece++) {
            $long = min($left, $inPiece * self::CELL);
            $left -= $long;
            $top = self::MARGIN + 2 + $piece * (self::HEIGHT + self::GAP);
            $parts[] = Svg::box(self::MARGIN, $top, $long, self::HEIGHT, 0.0, '#ffffff', 0.3);
            foreach (array_slice($columns, $piece * $inPiece, $inPiece) as $number => $column) {
                foreach ($column as $row => $reminder) {
                    $parts[] = self::cell($reminder, self::MARGIN + $number * self::CELL, $top + ($row * self::HEIGHT) / 2);
                }
            }
        }

        return Svg::sheet($width, $height, 'A strip along the keyboard', implode("\n", $parts));
    }

    private static function cell(Reminder $reminder, float $left, float $top): string
    {
        $caps = implode(' ', $reminder->caps);
        $width = self::CELL - 2;
        [$size, $lines] = Svg::fitted([$reminder->name], $width, self::HEIGHT / 2 - 7.4, self::LARGEST);
        $texts = [Svg::text($left + 1, $top + 4, min(3.4, $width / (0.6 * max(1, mb_strlen($caps)))), $caps, true)];
        foreach ($lines as $number => $line) {
            $texts[] = Svg::text($left + 1, $top + 4.6 + ($number + 1) * $size * 1.08, $size, $line, false);
        }
        $small = min(2.0, $width / (Svg::LETTER * max(1, mb_strlen($reminder->where))));
        $texts[] = Svg::text($left + 1, $top + self::HEIGHT / 2 - 1, $small, $reminder->where, false);

        return '<g>'.implode('', $texts).'</g>';
    }
}
