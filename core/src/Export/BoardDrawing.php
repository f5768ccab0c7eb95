<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyPosition;
use Zebrafinch\Core\Keyboard\Modifiers;

/** A board with the names of one layer, as SVG in true millimetres: laid on the keyboard, every key covers its own. */
final readonly class BoardDrawing
{
    /** Space around the board, in mm. */
    public const MARGIN = 5.0;

    private const HEAD = 8.0;

    /** A letter is about this much of its size wide. */
    private const LETTER = 0.53;

    private const LARGEST = 3.4;

    private const LEGEND = 3.2;

    /** Between the edge of a key and what stands on it, in mm. */
    private const PADDING = 1.4;

    public function __construct(private LoadedKeymap $keymap, private Context $focus, private Modifiers $layer)
    {
    }

    /** @return array{float, float} width and height of the whole drawing, in mm */
    public function size(): array
    {
        ['width' => $width, 'height' => $height] = $this->keymap->seat->board->size();

        return [$width + 2 * self::MARGIN, $height + 2 * self::MARGIN + self::HEAD];
    }

    public function svg(): string
    {
        [$width, $height] = $this->size();
        $keys = implode("\n", array_map($this->key(...), $this->keymap->seat->board->keys()));
        $names = array_slice($this->keymap->seat->printer()->caps(Chord::with($this->layer, Key::F24)), 0, -1);
        $title = self::escaped(
            "{$this->keymap->application->name}, focus in {$this->focus->name}, ".($names === [] ? 'no modifier' : implode(' ', $names)),
        );

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" '.
                "width=\"%1\$smm\" height=\"%2\$smm\" viewBox=\"0 0 %1\$s %2\$s\">\n".
                "<title>%3\$s</title>\n<rect width=\"%1\$s\" height=\"%2\$s\" fill=\"#ffffff\"/>\n".
                "<text x=\"%4\$s\" y=\"%5\$s\" font-family=\"sans-serif\" font-size=\"4.2\" font-weight=\"bold\">%3\$s</text>\n".
                "%6\$s\n</svg>\n",
            self::number($width),
            self::number($height),
            $title,
            self::number(self::MARGIN),
            self::number(self::MARGIN + 3.4),
            $keys,
        );
    }

    private function key(KeyPosition $placed): string
    {
        $left = self::MARGIN + $placed->left;
        $top = self::MARGIN + self::HEAD + $placed->top;
        $legend = $this->keymap->seat->printer()->names()->of($placed->key);
        $names = $placed->key->isOnlyHeld() ? [] : $this->namesOn(Chord::with($this->layer, $placed->key));
        $texts = [self::text($left + self::PADDING, $top + 4.1, $this->legendSize($placed, $legend), $legend, true)];
        [$size, $lines] = self::fitted($names, $placed->width - 2 * self::PADDING, $placed->height - 7.2);
        foreach ($lines as $number => $line) {
            $texts[] = self::text($left + self::PADDING, $top + 5.2 + ($number + 1) * $size * 1.08, $size, $line, false);
        }

        return sprintf(
            '<g><rect x="%s" y="%s" width="%s" height="%s" rx="1.4" fill="%s" stroke="#1e1e1c" stroke-width="%s"/>%s</g>',
            self::number($left + 0.4),
            self::number($top + 0.4),
            self::number($placed->width - 0.8),
            self::number($placed->height - 0.8),
            $names === [] ? '#f3f2ef' : '#ffffff',
            $names === [] ? '0.15' : '0.4',
            implode('', $texts),
        );
    }

    private function legendSize(KeyPosition $placed, string $legend): float
    {
        return min(self::LEGEND, ($placed->width - 2 * self::PADDING) / (0.6 * max(1, mb_strlen($legend))));
    }

    /** @return list<string> what a press runs, tapped and held */
    private function namesOn(Chord $chord): array
    {
        $who = new Who($this->keymap);
        $names = [];
        foreach (Gesture::cases() as $gesture) {
            $winner = $who->gets($chord, $gesture, $this->focus->id)->winner();
            if ($winner !== null && $winner->gesture === $gesture) {
                $name = $this->keymap->application->commandName($winner->command);
                $names[] = $gesture === Gesture::Hold ? "hold: {$name}" : $name;
            }
        }

        return $names;
    }

    /**
     * The largest letters with which all names stand whole, no word broken, and the lines they then take.
     *
     * @param  list<string>  $names
     * @return array{float, list<string>}
     */
    private static function fitted(array $names, float $width, float $height): array
    {
        for ($size = self::LARGEST; $size > 0.8; $size -= 0.1) {
            $letters = (int) floor($width / ($size * self::LETTER));
            $lines = array_merge(
                [],
                ...array_map(static fn (string $name): array => explode("\n", wordwrap($name, max(1, $letters))), $names),
            );
            $longest = max([0, ...array_map(mb_strlen(...), $lines)]);
            if ($longest <= $letters && count($lines) * $size * 1.08 <= $height) {
                return [$size, $lines];
            }
        }

        return [0.8, $names];
    }

    private static function text(float $left, float $base, float $size, string $text, bool $isBold): string
    {
        return sprintf(
            '<text x="%s" y="%s" font-family="sans-serif" font-size="%s"%s>%s</text>',
            self::number($left),
            self::number($base),
            self::number($size),
            $isBold ? ' font-weight="bold"' : '',
            self::escaped($text),
        );
    }

    private static function number(float $millimetres): string
    {
        return rtrim(rtrim(number_format($millimetres, 3, '.', ''), '0'), '.');
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
