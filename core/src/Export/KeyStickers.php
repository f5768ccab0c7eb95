<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Key;

/** Stickers for key caps, each as large as the top of its key, on a sheet of A4 in true millimetres. */
final readonly class KeyStickers
{
    private const PAGE = [210.0, 297.0];

    private const MARGIN = 12.0;

    private const GAP = 3.0;

    /** What a cap is narrower at its top than the place of its key, in mm; common practice, no source. */
    private const TAPER = 6.0;

    private const LARGEST = 2.4;

    /** @param  list<Reminder>  $reminders */
    public function __construct(private Board $board, private array $reminders)
    {
    }

    public function svg(): string
    {
        [$width, $height] = self::PAGE;
        $left = $top = self::MARGIN;
        $top += 8;
        $row = 0.0;
        $parts = [Svg::text(self::MARGIN, self::MARGIN + 3, 3.6, 'Key caps, to cut out; print at 100 %', true)];
        foreach ($this->byKey() as $code => $reminders) {
            $placed = $this->board->position(Key::from($code));
            if ($placed === null) {
                continue;
            }
            $size = [$placed->width - self::TAPER, $placed->height - self::TAPER];
            if ($left + $size[0] > $width - self::MARGIN) {
                $left = self::MARGIN;
                $top += $row + self::GAP;
                $row = 0.0;
            }
            // What does not fit on one side is told by the list; a sheet is one side.
            if ($top + $size[1] > $height - self::MARGIN) {
                break;
            }
            $parts[] = self::sticker($reminders, $left, $top, $size[0], $size[1]);
            $left += $size[0] + self::GAP;
            $row = max($row, $size[1]);
        }

        return Svg::sheet($width, $height, 'Stickers for key caps', implode("\n", $parts));
    }

    /** @return array<string, non-empty-list<Reminder>> by the code of the key */
    private function byKey(): array
    {
        $found = [];
        foreach ($this->reminders as $reminder) {
            if ($reminder->made->key instanceof Key) {
                $found[$reminder->made->key->value][] = $reminder;
            }
        }

        return $found;
    }

    /** @param  non-empty-list<Reminder>  $reminders  of one key */
    private static function sticker(array $reminders, float $left, float $top, float $width, float $height): string
    {
        $cap = $reminders[0]->caps[count($reminders[0]->caps) - 1];
        $names = array_map(static fn (Reminder $one): string => implode(' ', [...array_slice($one->caps, 0, -1), $one->name]), $reminders);
        [$size, $lines] = Svg::fitted($names, $width - 1.6, $height - 4.6, self::LARGEST);
        $texts = [Svg::text($left + 0.8, $top + 3.2, min(3.0, ($width - 1.6) / (0.6 * max(1, mb_strlen($cap)))), $cap, true)];
        foreach ($lines as $number => $line) {
            $texts[] = Svg::text($left + 0.8, $top + 3.8 + ($number + 1) * $size * 1.08, $size, $line, false);
        }

        return '<g>'.Svg::box($left, $top, $width, $height, 1.0, '#ffffff', 0.2).implode('', $texts).'</g>';
    }
}
