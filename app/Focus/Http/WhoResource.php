<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Keymap\CurrentKeymap;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;

final class WhoResource extends JsonAnswer
{
    /** @param  list<CurrentKeymap>  $keymaps  one for each application */
    public function __construct(private readonly Chord $chord, private readonly array $keymaps, private readonly Seat $seat)
    {
        parent::__construct($chord);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'chord' => Shapes::chordAt($this->seat->printer(), $this->chord),
            'applications' => array_map(
                fn (CurrentKeymap $keymap): array => [
                    ...Shapes::application($keymap->application),
                    'keymap' => $keymap->name(),
                    'ladders' => array_map(
                        (new Shapes($keymap->application, $this->seat))->ladder(...),
                        (new Who($keymap->at($this->seat)))->everywhere($this->chord),
                    ),
                ],
                $this->keymaps,
            ),
        ];
    }
}
