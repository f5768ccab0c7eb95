<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Keymap\CurrentKeymap;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Seat;

/** Those of somebody's keymaps whose application refuses the whole key file, so that no key works there. */
final class RefusedKeymapsResource extends JsonAnswer
{
    /** @param  list<CurrentKeymap>  $keymaps */
    public function __construct(private readonly array $keymaps, private readonly Seat $seat)
    {
        parent::__construct($keymaps);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $refused = [];
        foreach ($this->keymaps as $keymap) {
            $mayBe = $keymap->own !== null && $keymap->application->loading === LoadingRule::RefuseFile;
            $sentence = $mayBe ? (new Who($keymap->at($this->seat)))->refusal() : null;
            if ($sentence !== null) {
                $refused[] = ['application' => Shapes::application($keymap->application), 'sentence' => $sentence];
            }
        }

        return ['keymaps' => $refused];
    }
}
