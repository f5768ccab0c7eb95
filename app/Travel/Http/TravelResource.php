<?php

declare(strict_types=1);

namespace App\Travel\Http;

use App\Keymap\CurrentKeymap;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Travel\TravelCheck;
use Zebrafinch\Core\Travel\TravelFinding;

/** What each keymap of a kit loses at another keyboard. */
final class TravelResource extends JsonAnswer
{
    /** @param  list<array{CurrentKeymap, TravelCheck}>  $checks  one for each application */
    public function __construct(private readonly array $checks, private readonly Seat $here, private readonly Seat $there)
    {
        parent::__construct($checks);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'board' => $this->there->board->name,
            'layout' => $this->there->layout->name,
            'applications' => array_map(fn (array $check): array => $this->application(...$check), $this->checks),
        ];
    }

    /** @return array<string, mixed> */
    private function application(CurrentKeymap $keymap, TravelCheck $check): array
    {
        $shapes = new Shapes($keymap->application, $this->there);
        $there = $keymap->at($this->there);

        return [
            'application' => Shapes::application($keymap->application),
            'keymap' => $keymap->name(),
            'bindings' => count($keymap->bindings),
            'findings' => array_map(fn (TravelFinding $finding): array => $this->finding($finding, $shapes), $check->of($there)),
            'renamed' => array_map(
                fn (Binding $binding): array => [
                    'binding' => $shapes->binding($binding),
                    'here' => $this->here->printer()->label($binding->chord),
                ],
                $check->renamed($keymap->at($this->here), $there),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(TravelFinding $finding, Shapes $shapes): array
    {
        return [
            'binding' => $shapes->binding($finding->binding),
            'is_lost' => $finding->isLost(),
            'reach' => Shapes::reach($this->there->printer(), $finding->reach),
            'replacement' => $finding->replacement === null
                    ? null
                    : [
                        ...$shapes->offer($finding->replacement),
                        'binding' => $finding->binding->at($finding->replacement->chord)->toData(),
                        'replaces' => $finding->binding->toData(),
                    ],
        ];
    }
}
