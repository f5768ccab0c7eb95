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
        $layer = $names === [] ? 'no modifier' : implode(' ', $names);
        $title = "{$this->keymap->application->name}, focus in {$this->focus->name}, {$layer}";

        return Svg::sheet($width, $height, $title, Svg::text(self::MARGIN, self::MARGIN + 3.4, 4.2, $title, true)."\n{$keys}");
    }

    private function key(KeyPosition $placed): string
    {
        $left = self::MARGIN + $placed->left;
        $top = self::MARGIN + self::HEAD + $placed->top;
        $legend = $this->keymap->seat->printer()->names()->of($placed->key);
        $names = $placed->key->isOnlyHeld() ? [] : $this->namesOn(Chord::with($this->layer, $placed->key));
        $texts = [Svg::text($left + self::PADDING, $top + 4.1, $this->legendSize($placed, $legend), $legend, true)];
        [$size, $lines] = Svg::fitted($names, $placed->width - 2 * self::PADDING, $placed->height - 7.2, self::LARGEST);
        foreach ($lines as $number => $line) {
            $texts[] = Svg::text($left + self::PADDING, $top + 5.2 + ($number + 1) * $size * 1.08, $size, $line, false);
        }

        $box = Svg::box(
            $left + 0.4,
            $top + 0.4,
            $placed->width - 0.8,
            $placed->height - 0.8,
            1.4,
            $names === [] ? '#f3f2ef' : '#ffffff',
            $names === [] ? 0.15 : 0.4,
        );

        return "<g>{$box}".implode('', $texts).'</g>';
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
}
